import { Button } from "../../ui/Button";
import { ProblemNote } from "../../ui/ProblemNote";

/** The end of a form of the tables: what would not go, the button that keeps it, and the one that takes it back. */
export function SoItIsHere({
  problem,
  disabled,
  onTakeBack,
}: {
  problem: unknown;
  disabled: boolean;
  /** Undefined where it is as it shipped. */
  onTakeBack?: () => void;
}) {
  return (
    <>
      {problem !== undefined && <ProblemNote problem={problem} />}
      <div className="flex gap-2">
        <Button kind="primary" type="submit" disabled={disabled}>
          So it is here
        </Button>
        {onTakeBack !== undefined && <Button onClick={onTakeBack}>As it shipped</Button>}
      </div>
    </>
  );
}
