import type { ReactNode } from "react";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";

/** The end of a form of the tables: what would not go, the button that keeps it, and the one that takes it back. */
export function SoItIsHere({
  refused,
  disabled,
  onTakeBack,
}: {
  refused: ReactNode;
  disabled?: boolean;
  /** Undefined where it is as it shipped. */
  onTakeBack?: () => Promise<unknown>;
}) {
  const { refused: stays, submit } = useSubmit();
  return (
    <>
      {refused}
      {stays}
      <div className="flex gap-2">
        <Button kind="primary" type="submit" disabled={disabled}>
          So it is here
        </Button>
        {onTakeBack !== undefined && <Button onClick={() => void submit(onTakeBack)}>As it shipped</Button>}
      </div>
    </>
  );
}
