import { useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { NewPin } from '../session/AccountDialogs'
import { PinPad } from '../session/PinPad'
import { useHands, useSession, useTakeOver } from '../session/useSession'

/** Another pair of hands at this tablet: a name and a PIN. */
export function HandsDialog({ onClose }: { onClose: () => void }) {
  const who = useSession().data?.who
  const hands = useHands().data?.hands ?? []
  const [choosing, setChoosing] = useState(false)
  const change = useTakeOver()
  return (
    <Dialog
      open
      onClose={onClose}
      title="Who is working?"
      hint={`Now: ${who?.displayName ?? 'nobody'}. What is tapped from here on stands under the new name.`}
    >
      {choosing ? (
        <NewPin onClose={() => setChoosing(false)} />
      ) : (
        <>
          <PinPad
            hands={hands.filter((h) => h.username !== who?.username)}
            act="Take over"
            busy={change.isPending}
            error={change.error}
            onGo={(given, wrong) => change.mutate(given, { onSuccess: onClose, onError: wrong })}
          />
          <div className="mt-4 flex justify-between">
            <Button look="quiet" onClick={onClose} className="min-h-12">
              Cancel
            </Button>
            <button type="button" onClick={() => setChoosing(true)} className="min-h-12 text-[14px] underline underline-offset-2">
              my own PIN…
            </button>
          </div>
        </>
      )}
    </Dialog>
  )
}
