// A link that looks like a button, because it stands among buttons.
import { Link, type LinkProps } from 'react-router'
import { KINDS, SHAPE } from './Button'

export function LinkButton({
  kind = 'plain',
  className = '',
  ...rest
}: LinkProps & { kind?: keyof typeof KINDS }) {
  return <Link className={`${SHAPE} px-3 ${KINDS[kind]} ${className}`} {...rest} />
}
