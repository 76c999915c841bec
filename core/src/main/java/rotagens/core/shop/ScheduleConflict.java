package rotagens.core.shop;

import rotagens.core.measure.Message;

/**
 * One rule a placement breaks, with its ground.
 *
 * @param rule which one
 * @param statement in words
 */
public record ScheduleConflict(ScheduleRule rule, Message statement) {}
