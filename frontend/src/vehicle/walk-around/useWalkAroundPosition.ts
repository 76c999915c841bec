import { useCallback, useEffect, useRef, useState } from 'react'
import { ProblemError, type Schemas } from '../../api/client'
import { useUnits } from '../../base/settings'
import { type Draft, draftOf, EMPTY, isBlank, type Stop } from '../../offline/draft'
import { uploadQueue } from '../../offline/uploadQueue'
import { useHeld } from '../../offline/useUploadQueue'
import { useMe } from '../../session/session'

const PAUSE_MS = 450

export type SaveState = 'blank' | 'typing' | 'saving' | 'saved' | 'refused' | 'unreachable' | 'conflict'

/**
 * One position of a walk-around: what is typed is kept on the device at once, sent to the server after a short pause, and
 * judged there.
 */
export function useWalkAroundPosition(walk: Schemas['WalkAroundView'], stop: Stop) {
  const [units] = useUnits()
  const held = useHeld()
  const me = useMe()
  const { vehicleId } = walk
  const { position } = stop
  const waiting = held.entries.find((one) => one.vehicleId === vehicleId && one.position === position)
  const known =
    held.sheets
      .find((one) => one.vehicleId === vehicleId)
      ?.walkAround.positions.find((one) => one.position === position) ?? stop
  const [draft, setDraft] = useState<Draft>(() => {
    // A draft kept by an earlier version lacks the entries that came since.
    if (waiting) return { ...EMPTY, ...waiting.draft }
    uploadQueue.see(vehicleId, position, known.entry?.version ?? 0)
    return draftOf(known.entry, units)
  })
  const [activity, setActivity] = useState<'typing' | 'saving' | null>(null)
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  const typed = useRef<Draft | null>(null)

  const flush = useCallback(async () => {
    clearTimeout(timer.current)
    typed.current = null
    setActivity('saving')
    await uploadQueue.push(vehicleId, position)
    setActivity((now) => (typed.current ? now : null))
  }, [vehicleId, position])

  const change = (part: Partial<Draft>) => {
    const next = { ...draft, ...part }
    setDraft(next)
    if (isBlank(next) && !known.entry) {
      typed.current = null
      clearTimeout(timer.current)
      setActivity(null)
      void uploadQueue.drop(vehicleId, position)
      return
    }
    typed.current = next
    setActivity('typing')
    void uploadQueue.keep(vehicleId, position, next, units)
    clearTimeout(timer.current)
    timer.current = setTimeout(() => void flush(), PAUSE_MS)
  }

  // What was typed before the page closed is sent as soon as it opens again; what is typed when it closes, then.
  useEffect(() => {
    if (uploadQueue.entry(vehicleId, position)) void flush()
    return () => {
      clearTimeout(timer.current)
      if (typed.current) void uploadQueue.push(vehicleId, position)
    }
  }, [vehicleId, position, flush])

  // Somebody else changed it while nothing of one's own stands here: what is shown follows.
  const version = known.entry?.version ?? 0
  const untouched = !waiting && activity === null
  useEffect(() => {
    if (untouched && version > uploadQueue.seenVersion(vehicleId, position)) {
      uploadQueue.see(vehicleId, position, version)
      setDraft(draftOf(known.entry, units))
    }
  }, [untouched, version, vehicleId, position, known.entry, units])

  const state: SaveState = activity ?? (waiting ? WAITS[waiting.state] : known.entry ? 'saved' : 'blank')
  return {
    draft,
    change,
    judgement: known.assessment,
    state,
    problem: waiting?.problem && activity !== 'typing' ? new ProblemError(waiting.problem) : undefined,
    flush,
    theirs: waiting?.theirs,
    over: waiting?.problem?.status === 409,
    /** Who typed it on this device, where that isn't the person signed in. */
    typedBy: waiting?.by && me && waiting.by.id !== me.id ? waiting.by.name : undefined,
    retry: () => uploadQueue.again(vehicleId, position),
    keepTheirs: async () => {
      if (!waiting?.theirs) return
      setDraft(draftOf(waiting.theirs, units))
      await uploadQueue.yieldTo(vehicleId, position, waiting.theirs)
    },
    saveMine: async () => {
      await uploadQueue.overrule(vehicleId, position)
      await flush()
    },
  }
}

const WAITS = { waiting: 'unreachable', refused: 'refused', conflict: 'conflict' } as const
