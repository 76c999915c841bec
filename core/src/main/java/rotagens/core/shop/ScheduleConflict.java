package rotagens.core.shop;

import rotagens.core.measure.Message;

/** One rule a placement breaks, with its ground. */
public record ScheduleConflict(ScheduleRule rule, Message statement) {}
