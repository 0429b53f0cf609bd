import { Link } from 'react-router'

export function NotThere() {
  return (
    <div className="m-10">
      <h1 className="text-[24px]">There is nothing here</h1>
      <p className="mt-1">
        This address belongs to no view.{' '}
        <Link className="font-semibold text-petrol underline" to="/">
          Back to the yard
        </Link>
      </p>
    </div>
  )
}
