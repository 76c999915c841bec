import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { answerOf, api, onceKey, ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../app/settings'
import { type Draft, draftOf, type Entry, isBlank, kept, type Stop } from './draft'

const PAUSE_MS = 450

export type SaveState = 'blank' | 'typing' | 'saving' | 'saved' | 'refused' | 'unreachable' | 'conflict'

const FIGURES = ['pressure', 'outer', 'center', 'inner'] as const

/** The draft with the refused figures blanked; undefined where there is nothing else in it, or it isn't about figures. */
function withoutWrong(draft: Draft, error: ProblemError): Draft | undefined {
  const wrong = FIGURES.filter((field) => error.field(field) !== undefined)
  if (wrong.length === 0 || wrong.length < error.problem.fields.length) return undefined
  const right = { ...draft }
  for (const field of wrong) right[field] = ''
  return isBlank(right) ? undefined : right
}

/**
 * One position of a walk-round: what is typed is kept on the device at once, sent to the server after a short pause, and
 * judged there. One save is under way at a time; the newest text follows it.
 */
export function useStop(walk: Schemas['WalkRound'], stop: Stop) {
  const [units] = useUnits()
  const queries = useQueryClient()
  const [draft, setDraft] = useState<Draft>(() => kept.read(walk.id, stop.position) ?? draftOf(stop.entry, units))
  const [judgement, setJudgement] = useState(stop.judgement)
  const [state, setState] = useState<SaveState>(stop.entry ? 'saved' : 'blank')
  const [problem, setProblem] = useState<ProblemError>()
  const version = useRef(stop.entry?.version ?? 0)
  const wanted = useRef<Draft | null>(null)
  const busy = useRef<Promise<void> | null>(null)
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)

  const taken = useCallback(
    (entry: Entry, judged: Schemas['JudgementView']) => {
      version.current = entry.version
      queries.setQueryData<Schemas['WalkRound']>(
        ['walk', walk.id, units],
        (before) =>
          before && {
            ...before,
            stops: before.stops.map((one) =>
              one.position === stop.position ? { ...one, entry, judgement: judged } : one,
            ),
          },
      )
      setJudgement(judged)
    },
    [queries, walk.id, stop.position, units],
  )

  const put = useCallback(
    (sending: Draft) =>
      answerOf(
        api.PUT('/api/walk-rounds/{id}/positions/{position}', {
          params: {
            path: { id: walk.id, position: stop.position },
            query: { units },
            header: { 'If-Match': `"${version.current}"`, 'Idempotency-Key': onceKey() },
          },
          body: { ...sending },
        }),
      ),
    [walk.id, stop.position, units],
  )

  const saveRight = useCallback(
    async (right: Draft) => {
      try {
        const saved = await put(right)
        taken(saved.entry, saved.judgement)
      } catch (error) {
        if (!(error instanceof ProblemError)) throw error
      }
    },
    [put, taken],
  )

  const send = useCallback(async () => {
    while (wanted.current) {
      const sending = wanted.current
      wanted.current = null
      setState('saving')
      try {
        const saved = await put(sending)
        taken(saved.entry, saved.judgement)
        setProblem(undefined)
        if (!wanted.current) {
          kept.forget(walk.id, stop.position)
          setState('saved')
        }
      } catch (error) {
        if (!(error instanceof ProblemError)) throw error
        setProblem(error)
        setState(error.unreachable ? 'unreachable' : error.problem.status === 412 ? 'conflict' : 'refused')
        if (wanted.current !== null) continue
        // What is right is saved and judged at once; the wrong figure stays in its field, marked.
        const right = withoutWrong(sending, error)
        if (right) await saveRight(right)
        break
      }
    }
    busy.current = null
  }, [walk.id, stop.position, put, taken, saveRight])

  const flush = useCallback(async () => {
    clearTimeout(timer.current)
    if (wanted.current && !busy.current) busy.current = send()
    await busy.current
  }, [send])

  const change = (part: Partial<Draft>) => {
    const next = { ...draft, ...part }
    setDraft(next)
    if (isBlank(next) && version.current === 0) {
      wanted.current = null
      kept.forget(walk.id, stop.position)
      setState('blank')
      return
    }
    kept.write(walk.id, stop.position, next)
    wanted.current = next
    setState('typing')
    clearTimeout(timer.current)
    timer.current = setTimeout(() => void flush(), PAUSE_MS)
  }

  // What was typed before the page closed is sent as soon as it opens again.
  useEffect(() => {
    const waiting = kept.read(walk.id, stop.position)
    if (waiting) {
      wanted.current = waiting
      void flush()
    }
    return () => clearTimeout(timer.current)
  }, [walk.id, stop.position, flush])

  const theirs = problem?.problem.current as Entry | undefined
  return {
    draft,
    change,
    judgement,
    state,
    problem,
    flush,
    theirs,
    retry: () => {
      wanted.current = draft
      void flush()
    },
    keepTheirs: () => {
      if (!theirs) return
      version.current = theirs.version
      kept.forget(walk.id, stop.position)
      setDraft(draftOf(theirs, units))
      setProblem(undefined)
      setState('saved')
      void queries.invalidateQueries({ queryKey: ['walk', walk.id] })
    },
    saveMine: () => {
      if (theirs) version.current = theirs.version
      wanted.current = draft
      void flush()
    },
  }
}
