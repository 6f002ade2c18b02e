import { useWords } from "../../api/queries";
import { AreaField, ChoiceField, TextField, Tick } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { KnownModel } from "./KnownModel";
import { DOUBLING, OLDER, type Form } from "./receivedForm";

/** The fields that say what came in and whose it is. */
export function CameraFields({
  form,
  change,
  fresh,
}: {
  form: Form;
  change: (part: Partial<Form>) => void;
  fresh: boolean;
}) {
  const { choices } = useWords();
  const text = (name: keyof Form) => ({
    value: String(form[name]),
    onChange: (event: { target: { value: string } }) => change({ [name]: event.target.value }),
  });
  return (
    <div className="grid grid-cols-2 gap-x-8 gap-y-4">
      <Panel title="The camera">
        <div className="grid grid-cols-2 gap-3">
          <TextField label="Maker" name="maker" autoFocus={fresh} required {...text("maker")} />
          <TextField label="Model" name="model" required {...text("model")} />
          <TextField label="Pattern" name="pattern" placeholder="2nd pattern" {...text("pattern")} />
          <TextField label="Serial number" name="serial" className="num" {...text("serial")} />
          <ChoiceField label="Body" name="bodyType" choices={choices("bodyType")} {...text("bodyType")} />
          <ChoiceField label="Mechanism" name="family" choices={choices("family")} {...text("family")} />
        </div>
        <TextField
          label="What tells its pattern to the eye"
          name="feature"
          placeholder="distance scale engraved, black dial"
          {...text("features")}
        />
        <TextField label="Lens" name="lens" {...text("lens")} />
        <ChoiceField
          label="Marked speeds are"
          name="series"
          choices={choices("speedSeries")}
          value={form.series}
          onChange={(event) =>
            change({
              series: event.target.value,
              ...([DOUBLING, OLDER].includes(form.speeds)
                ? { speeds: event.target.value === "DOUBLING" ? DOUBLING : OLDER }
                : {}),
            })
          }
        />
        <TextField label="Speeds on the dial" name="speed" className="num" {...text("speeds")} />
      </Panel>
      <Panel title="Whose it is, and what is wanted">
        <Pick
          label="Whose"
          choices={[
            { value: "customer", label: "A customer's" },
            { value: "own", label: "The shop's own" },
          ]}
          value={form.shopsOwn ? "own" : "customer"}
          onChange={(whose) => change({ shopsOwn: whose === "own" })}
        />
        {form.shopsOwn ? (
          <div className="grid grid-cols-2 gap-3">
            <TextField label="Paid for it, EUR" name="paid" inputMode="decimal" {...text("paid")} />
            <TextField label="Would fetch mended, EUR" name="worth" inputMode="decimal" {...text("worth")} />
          </div>
        ) : (
          <div className="grid grid-cols-2 gap-3">
            <TextField label="Owner" name="owner" dir="auto" required {...text("owner")} />
            <TextField label="Contact" name="contact" dir="auto" {...text("contact")} />
          </div>
        )}
        <AreaField
          label="Complaint, in the owner's words"
          name="complaint"
          dir="auto"
          required
          {...text("complaint")}
        />
        <div className={`grid gap-3 ${fresh ? "grid-cols-2" : ""}`}>
          <TextField
            label="Came along"
            name="accessories"
            placeholder="case, strap, lens hood"
            {...text("accessories")}
          />
          {fresh && <TextField label="To be done" placeholder="slow speeds, new seals" {...text("scope")} />}
        </div>
        <div className="grid grid-cols-2 items-end gap-3">
          <TextField label="Promised for" name="promised" type="date" {...text("promised")} />
          {!form.shopsOwn && form.promised !== "" && (
            <Tick label="no date after all" checked={false} onChange={() => change({ promised: "" })} />
          )}
        </div>
        <KnownModel form={form} change={change} />
      </Panel>
    </div>
  );
}
