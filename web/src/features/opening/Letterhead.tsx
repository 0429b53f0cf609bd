/** The head of a paper as the shop’s papers carry it. @param sign address of the shop’s sign, if one hangs */
export function Letterhead({
  face,
  sign,
}: {
  face: { name: string; address: string; telephone: string; taxNumber: string }
  sign?: string | undefined
}) {
  const where = [...face.address.split('\n'), face.telephone].map((l) => l.trim()).filter(Boolean)
  return (
    <div className="mt-1 border border-line bg-white px-5 pt-4 pb-8">
      <div className="flex items-start gap-4 border-b-[1.5px] border-ink pb-1.5">
        <div className="min-w-0 flex-1">
          <p className="truncate text-[17px] font-bold">{face.name.trim() || <span className="text-soft">Name of the shop</span>}</p>
          <p className="text-[12.5px] text-soft">{where.join(' · ') || 'address · telephone'}</p>
          {face.taxNumber.trim() && <p className="text-[12.5px] text-soft">Tax number {face.taxNumber}</p>}
        </div>
        {sign && <img src={sign} alt="The shop’s sign" className="h-[54px] w-auto" />}
      </div>
      <p className="mt-3 text-[20px] font-bold">Quote 1</p>
    </div>
  )
}
