// What a day of the van comes to, in one line, wherever its place stands beside the rooms.
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, take } from '../app/client'
import { hours } from '../ui/words'

export function VanLine({ van, on }: { van: string; on: string }) {
  const query = { on, van }
  const round = useQuery({
    queryKey: ['round', query],
    queryFn: () => take(api.GET('/api/round', { params: { query } })),
  })
  if (!round.data?.van) return null
  const { back, driven, stops } = round.data
  const broken = stops.filter((s) => s.why !== '').length
  return (
    <p className="flex flex-wrap gap-x-4">
      <Link className="font-bold text-slate underline" to={`/round?on=${on}&van=${van}`}>
        Its round
      </Link>
      {back !== '' && (
        <span>
          {hours(driven)} on the road, home at {back}
        </span>
      )}
      {broken > 0 && (
        <b className="text-haw">{broken === 1 ? '1 call breaks it' : `${broken} calls break it`}</b>
      )}
    </p>
  )
}
