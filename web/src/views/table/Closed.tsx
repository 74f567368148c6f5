// A groom that is closed: where its visit is, and what the owner was given.
import { useQueryClient } from '@tanstack/react-query'
import { Printer } from 'lucide-react'
import { Link } from 'react-router'
import { api, take } from '../../app/client'
import { useSession } from '../../app/session'
import { TakeLinkBack } from '../../parts/TakeLinkBack'
import type { Shown } from '../../parts/taps'

export function Closed({ groom }: { groom: Shown }) {
  const { may } = useSession()
  const cache = useQueryClient()
  const link =
    'inline-flex min-h-12 items-center gap-2 rounded-md border border-line bg-sheet ' +
    'px-4 font-bold hover:bg-well'
  return (
    <section className="panel space-y-3 p-4" aria-label="Closed">
      <p className="text-lg">
        Closed by <b>{groom.closed_by}</b>. The visit is on the card, what differs is kept beside the plan.
      </p>
      <p className="flex flex-wrap gap-2">
        <Link className={link} to={`/dogs/${groom.dog.id}`}>
          To the card
        </Link>
        {groom.care_link && (
          <>
            <a className={link} href={groom.care_link} target="_blank" rel="noreferrer">
              <Printer aria-hidden className="size-5" /> Home-care sheet
            </a>
            <a className={link} href={`${groom.care_link}.pdf`} target="_blank" rel="noreferrer">
              as PDF
            </a>
            {may('visit') && (
              <TakeLinkBack
                large
                close={(write) =>
                  take(
                    api.DELETE('/api/grooms/{id}/care-link', {
                      params: { path: { id: groom.id }, header: write },
                    }),
                  )
                }
                after={() => void cache.invalidateQueries({ queryKey: ['groom', groom.id] })}
              />
            )}
          </>
        )}
        <Link className={link} to="/outbox">
          Outbox
        </Link>
      </p>
    </section>
  )
}
