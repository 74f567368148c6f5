// Keys wherever one dog is open: to its drawing, its card, arrival and table.
import { useEffect } from 'react'
import { useNavigate } from 'react-router'

export const DOG_KEYS: [string, string][] = [
  ['d', 'with a dog open: to the drawn dog'],
  ['c, a, t', 'with a dog open: its card, arrival, table'],
  ['w', 'with a dog open: when it is back'],
  ['p', 'with a dog open: its card on paper'],
]

export function useDogKeys(dog: string): void {
  const go = useNavigate()
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const typing = e.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(e.target.tagName)
      // What is open over the page has its own keys.
      if (typing || e.ctrlKey || e.metaKey || e.altKey || document.querySelector('[role=dialog]')) return
      if (e.key === 'd') document.querySelector<SVGElement>('main svg[role=listbox]')?.focus()
      else if (e.key === 'c') void go(`/dogs/${dog}`)
      else if (e.key === 'a') void go(`/dogs/${dog}/arrival`)
      else if (e.key === 't') void go(`/dogs/${dog}/table`)
      else if (e.key === 'p') void go(`/dogs/${dog}/paper`)
      else if (e.key === 'w') void go(`/dogs/${dog}?tab=back`)
      else return
      e.preventDefault()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [dog, go])
}
