import { currencyCode } from "../../api/money";
import { useWords } from "../../api/queries";
import { ChoiceField, Tick } from "../../ui/Field";
import { FormArea, FormChoice, FormText } from "../../form/fields";
import type { FormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { KnownModel } from "./KnownModel";
import { DOUBLING, OLDER, type Typed } from "./receivedForm";

/** The fields that say what came in and whose it is. */
export function CameraFields({ form, fresh }: { form: FormOf<Typed>; fresh: boolean }) {
  const { choices } = useWords();
  const typed = form.watch();
  const change = (part: Partial<Typed>) => form.reset({ ...form.getValues(), ...part });
  return (
    <div className="grid grid-cols-2 gap-x-8 gap-y-4">
      <Panel title="The camera">
        <div className="grid grid-cols-2 gap-3">
          <FormText form={form} name="maker" label="Maker" autoFocus={fresh} required />
          <FormText form={form} name="model" label="Model" required />
          <FormText form={form} name="pattern" label="Pattern" placeholder="2nd pattern" />
          <FormText form={form} name="serial" label="Serial number" className="num" />
          <FormChoice form={form} name="bodyType" label="Body" choices={choices("bodyType")} />
          <FormChoice form={form} name="family" label="Mechanism" choices={choices("family")} />
        </div>
        <FormText
          form={form}
          name="feature"
          label="What tells its pattern to the eye"

          placeholder="distance scale engraved, black dial"
        />
        <FormText form={form} name="lens" label="Lens" />
        <ChoiceField
          label="Marked speeds are"
          name="series"
          choices={choices("speedSeries")}
          value={typed.series}
          onChange={(event) =>
            change({
              series: event.target.value as Typed["series"],
              ...([DOUBLING, OLDER].includes(typed.speed)
                ? { speed: event.target.value === "DOUBLING" ? DOUBLING : OLDER }
                : {}),
            })
          }
        />
        <FormText form={form} name="speed" label="Speeds on the dial" className="num" />
      </Panel>
      <Panel title="Whose it is, and what is wanted">
        <Pick
          label="Whose"
          choices={[
            { value: "customer", label: "A customer's" },
            { value: "own", label: "The shop's own" },
          ]}
          value={typed.shopsOwn ? "own" : "customer"}
          onChange={(whose) => change({ shopsOwn: whose === "own" })}
        />
        {typed.shopsOwn ? (
          <div className="grid grid-cols-2 gap-3">
            <FormText form={form} name="paid" label={`Paid for it, ${currencyCode()}`} inputMode="decimal" />
            <FormText
              form={form}
              name="worth"
              label={`Would fetch mended, ${currencyCode()}`}
              inputMode="decimal"
            />
          </div>
        ) : (
          <div className="grid grid-cols-2 gap-3">
            <FormText form={form} name="owner" label="Owner" dir="auto" required />
            <FormText form={form} name="contact" label="Contact" dir="auto" />
          </div>
        )}
        <FormArea
          form={form}
          name="complaint"
          label="Complaint, in the owner's words"

          dir="auto"
          required
        />
        <div className={`grid gap-3 ${fresh ? "grid-cols-2" : ""}`}>
          <FormText
            form={form}
            name="accessories"
            label="Came along"

            placeholder="case, strap, lens hood"
          />
          {fresh && (
            <FormText form={form} name="scope" label="To be done" placeholder="slow speeds, new seals" />
          )}
        </div>
        <div className="grid grid-cols-2 items-end gap-3">
          <FormText form={form} name="promised" label="Promised for" type="date" />
          {!typed.shopsOwn && typed.promised !== "" && (
            <Tick label="no date after all" checked={false} onChange={() => change({ promised: "" })} />
          )}
        </div>
        <KnownModel typed={typed} change={change} />
      </Panel>
    </div>
  );
}
