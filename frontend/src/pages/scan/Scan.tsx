import Alert from '@mui/material/Alert'
import Box from '@mui/material/Box'
import { useEffect, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { color } from '../../base/theme'
import { Page } from '../../ui/Page'
import { FindByTyping } from './FindByTyping'
import { pageOf } from './label'
import { say } from './words'

/** So often a second a picture of the camera is looked at: enough for a hand that holds still, and easy on a phone. */
const LOOKS_EVERY_MS = 150

/** Opens a vehicle or tire by its label: with the camera, or by typing what is written on it. */
export function Scan() {
  const navigate = useNavigate()
  const video = useRef<HTMLVideoElement>(null)
  const [problem, setProblem] = useState('')
  const [foreign, setForeign] = useState('')
  useEffect(() => {
    let stream: MediaStream | undefined
    let timer: ReturnType<typeof setTimeout> | undefined
    let left = false
    const watch = async () => {
      if (!navigator.mediaDevices?.getUserMedia) {
        setProblem(say('thisBrowserGivesNoCamera'))
        return
      }
      try {
        stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' }, audio: false })
      } catch (error) {
        setProblem(
          error instanceof DOMException && error.name === 'NotAllowedError'
            ? say('cameraIsNotAllowed')
            : say('noCameraWasFoundType'),
        )
        return
      }
      if (left || !video.current) {
        for (const track of stream.getTracks()) track.stop()
        return
      }
      video.current.srcObject = stream
      await video.current.play().catch(() => {})
      const { BarcodeDetector } = await import('qr/decode.js')
      const detector = new BarcodeDetector({ formats: ['qr_code'] })
      const look = async () => {
        if (left || !video.current) return
        const found = await detector.detect(video.current).catch(() => [])
        if (left) return
        const code = found[0]?.rawValue
        const page = code === undefined ? undefined : pageOf(code)
        if (page) {
          navigator.vibrate?.(60)
          navigate(page)
          return
        }
        if (code !== undefined) setForeign(say('thisCodeIsNot'))
        timer = setTimeout(() => void look(), LOOKS_EVERY_MS)
      }
      void look()
    }
    void watch()
    return () => {
      left = true
      clearTimeout(timer)
      for (const track of stream?.getTracks() ?? []) track.stop()
    }
  }, [navigate])
  return (
    <Page title={say('scan')}>
      <Box sx={{ maxWidth: 520, mx: 'auto' }}>
        {problem ? (
          <Alert severity="info">{problem}</Alert>
        ) : (
          <>
            <Box
              component="video"
              ref={video}
              muted
              playsInline
              aria-label={say('cameraPicture')}
              sx={{
                width: '100%',
                aspectRatio: '4 / 3',
                objectFit: 'cover',
                background: color.groove,
                borderRadius: 1,
                display: 'block',
              }}
            />
            <Box role="status" sx={{ my: 1 }}>
              {foreign || say('holdTheLabelsCode')}
            </Box>
          </>
        )}
        <FindByTyping />
      </Box>
    </Page>
  )
}
