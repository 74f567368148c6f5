// Photos before and after, zone by zone; "not photographed" is a state like any other.
import { useQueryClient } from '@tanstack/react-query'
import { Camera } from 'lucide-react'
import { useRef, useState } from 'react'
import { api, ApiError, send, take, writeKey, type Schemas } from '../app/client'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { Modal } from '../ui/Modal'
import { useToast } from '../ui/Toasts'
import { asJpeg, NotReadable } from './heic'
import { Picture } from './Picture'

interface Waiting {
  file: File
  key: string
  zone: string
  moment: string
  error: string | null
  busy: boolean
}

export function Photos({
  arrival,
  labels,
  zone,
  canWork,
}: {
  arrival: Schemas['ArrivalView']
  labels: Record<string, string>
  zone: string | null
  canWork: boolean
}) {
  const cache = useQueryClient()
  const toast = useToast()
  const [of, setOf] = useState(zone ?? 'whole')
  const [moment, setMoment] = useState('before')
  const [waiting, setWaiting] = useState<Waiting[]>([])
  const [shown, setShown] = useState<Schemas['PhotoView'] | null>(null)
  const input = useRef<HTMLInputElement>(null)
  const name = (z: string) => (z === 'whole' ? 'the whole dog' : (labels[z] ?? z))
  const worked = ['whole', ...arrival.comb.zones.filter((z) => z.severity >= 2).map((z) => z.zone)]
  const update = (key: string, change: Partial<Waiting> | null) =>
    setWaiting((all) =>
      change ? all.map((w) => (w.key === key ? { ...w, ...change } : w)) : all.filter((w) => w.key !== key),
    )
  const upload = async (w: Waiting) => {
    update(w.key, { busy: true, error: null })
    const body = new FormData()
    body.set('zone', w.zone)
    body.set('moment', w.moment)
    try {
      body.set('photo', await asJpeg(w.file))
      await send(`/api/arrivals/${arrival.id}/photos`, body, w.key)
      update(w.key, null)
      void cache.invalidateQueries({ queryKey: ['arrival', arrival.id] })
    } catch (e) {
      update(w.key, {
        busy: false,
        error:
          e instanceof ApiError
            ? e.fields.photo
              ? `The photo ${e.fields.photo}.`
              : e.message
            : e instanceof NotReadable
              ? e.message
              : 'It did not come through.',
      })
    }
  }
  const remove = async (photo: Schemas['PhotoView']) => {
    try {
      await take(
        api.DELETE('/api/photos/{id}', {
          params: { path: { id: photo.id }, header: { 'Idempotency-Key': writeKey() } },
        }),
      )
      setShown(null)
      toast({ text: 'Photo taken out' })
    } catch (e) {
      toast({ text: e instanceof ApiError ? e.message : 'That did not work.', bad: true })
    }
    void cache.invalidateQueries({ queryKey: ['arrival', arrival.id] })
  }
  return (
    <div className="space-y-4 p-4">
      <h2 className="text-xl">Photos</h2>
      {!arrival.dog.photo_consent && (
        <p className="rounded-md bg-bracken-soft px-3 py-2 text-sm font-bold text-bracken">
          The owner has not agreed to photos: ask first. For the record only, never shown elsewhere.
        </p>
      )}
      {canWork && (
        <div className="space-y-2">
          <Choice
            small
            label="When"
            value={moment}
            onChange={setMoment}
            options={[
              { id: 'before', label: 'Before' },
              { id: 'after', label: 'After' },
            ]}
          />
          <label className="block">
            <span className="label">Of</span>
            <select className="field" value={of} onChange={(e) => setOf(e.target.value)}>
              <option value="whole">the whole dog</option>
              {Object.entries(labels).map(([id, label]) => (
                <option key={id} value={id}>
                  {label}
                </option>
              ))}
            </select>
          </label>
          <input
            ref={input}
            type="file"
            accept="image/jpeg,image/png,image/webp,image/heic,image/heif"
            capture="environment"
            className="sr-only"
            aria-label="Photo file"
            onChange={(e) => {
              const file = e.target.files?.[0]
              if (!file) return
              const w = { file, key: writeKey(), zone: of, moment, error: null, busy: true }
              setWaiting((all) => [...all, w])
              void upload(w)
              e.target.value = ''
            }}
          />
          <Button kind="main" onClick={() => input.current?.click()}>
            <Camera aria-hidden className="size-5" /> Take or choose a photo
          </Button>
        </div>
      )}
      {waiting.map((w) => (
        <div
          key={w.key}
          role={w.error ? 'alert' : 'status'}
          className={`rounded-md p-3 text-sm ${w.error ? 'bg-haw-soft text-haw' : 'bg-well'}`}
        >
          <p>
            <b>{w.file.name}</b>, {name(w.zone)}: {w.error ?? 'sending …'}
          </p>
          {w.error && (
            <div className="mt-1 flex gap-2">
              <Button onClick={() => void upload(w)}>Send again</Button>
              <Button onClick={() => update(w.key, null)}>Leave it</Button>
            </div>
          )}
        </div>
      ))}
      <ul className="space-y-3">
        {[...new Set([...worked, ...arrival.photos.map((p) => p.zone)])].map((z) => {
          const here = arrival.photos.filter((p) => p.zone === z)
          return (
            <li key={z}>
              <h3 className="text-sm font-bold">{name(z)}</h3>
              {here.length === 0 ? (
                <p className="text-sm text-ink-2">not photographed</p>
              ) : (
                <div className="flex flex-wrap gap-2">
                  {here.map((p) => (
                    <button
                      key={p.id}
                      type="button"
                      onClick={() => setShown(p)}
                      className="relative rounded-md border border-line"
                    >
                      <Picture
                        id={p.id}
                        size="small"
                        alt={`${name(z)}, ${p.moment}, by ${p.who}`}
                        className="h-28 rounded-md object-cover"
                      />
                      <span className="absolute bottom-1 left-1 rounded bg-paper px-1.5 text-xs font-bold">
                        {p.moment}
                      </span>
                    </button>
                  ))}
                </div>
              )}
            </li>
          )
        })}
      </ul>
      <Modal
        open={shown !== null}
        onClose={() => setShown(null)}
        title={shown ? `${name(shown.zone)}, ${shown.moment}` : ''}
        wide
      >
        {shown && (
          <>
            <Picture
              id={shown.id}
              size="large"
              alt={`${name(shown.zone)}, ${shown.moment}`}
              className="w-full rounded-md"
            />
            {canWork && shown.removable && (
              <p className="mt-3 flex flex-wrap items-center gap-3">
                <Button onClick={() => void remove(shown)}>Take this photo out for good</Button>
              </p>
            )}
          </>
        )}
      </Modal>
    </div>
  )
}
