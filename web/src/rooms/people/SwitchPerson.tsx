import { enter, type WhoIsHere } from "../../api/people";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";
import { Window } from "../../ui/Window";
import { ByPin } from "./ByPin";
import { usePresence } from "./usePresence";
import { texts } from "./words";

/** At a bench that several share: who works here now signs in with the PIN, and what was open stays open. */
export function SwitchPerson({
  here,
  onOpenChange,
}: {
  here: WhoIsHere;
  onOpenChange: (open: boolean) => void;
}) {
  const came = usePresence();
  const { refused, submit } = useSubmit();
  const others = here.byPin.filter((name) => name !== here.name);
  return (
    <Window
      open
      title={texts.switchPerson}
      about={texts.signedInAs(here.name ?? "")}
      onOpenChange={onOpenChange}
    >
      <div className="flex flex-col gap-4">
        {others.length > 0 ? (
          <ByPin
            names={others}
            onEntered={(next) => {
              came(next);
              onOpenChange(false);
            }}
          />
        ) : (
          <p className="text-soft">{texts.noPinsHere}</p>
        )}
        {refused}
        <div className="border-line border-t pt-3">
          <Button onClick={() => void submit(async () => came(await enter.leave()))}>{texts.signOut}</Button>
        </div>
      </div>
    </Window>
  );
}
