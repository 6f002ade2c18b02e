import { Button } from "../../ui/Button";
import { FormProblem } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";

/** A form of Mend: its fields, what would not go, and the one button. */
export function MendForm({
  title,
  note,
  field,
  problem,
  onSubmit,
  action,
  children,
}: {
  title: string;
  note?: string;
  field: React.ContextType<typeof FormProblem>;
  problem: unknown;
  onSubmit: () => Promise<unknown>;
  action: string;
  children: React.ReactNode;
}) {
  return (
    <FormProblem value={field}>
      <Panel title={title} note={note}>
        <form
          className="flex max-w-[760px] flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void onSubmit();
          }}
        >
          {children}
          {problem !== undefined && <ProblemNote problem={problem} />}
          <Button kind="primary" type="submit" className="self-start">
            {action}
          </Button>
        </form>
      </Panel>
    </FormProblem>
  );
}
