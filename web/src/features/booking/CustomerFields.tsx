import { Field } from '../../ui/Field'
import type { CustomerDetails } from './draft'

/** What is known of a customer. A further field of a customer stands here. */
export function CustomerFields({
  customer,
  fault,
  onChange,
}: {
  customer: CustomerDetails
  fault: (field: string) => string | undefined
  onChange: (customer: CustomerDetails) => void
}) {
  const set = (change: Partial<CustomerDetails>) => onChange({ ...customer, ...change })
  return (
    <div className="grid grid-cols-2 gap-4">
      <Field label="Customer" value={customer.name} onChange={(e) => set({ name: e.target.value })} fault={fault('customer.name')} />
      <Field
        label="Phone or mail"
        value={customer.contact}
        onChange={(e) => set({ contact: e.target.value })}
        fault={fault('customer.contact')}
      />
    </div>
  )
}
