import { currencyCode } from "../../api/money";
import { useWords } from "../../api/queries";
import { ChoiceField, Tick } from "../../ui/Field";
import { FormArea, FormChoice, FormText } from "../../form/fields";
import type { FormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { NewcomerDone } from "../plan";
import { KnownModel } from "./KnownModel";
import { DOUBLING, OLDER, type Typed } from "./receivedForm";
import { KnownCustomers, WasHere } from "./KnownCustomers";
import { texts } from "./words";

/** The fields that say what came in and whose it is. */
export function CameraFields({
  form,
  fresh,
  promisedSince = false,
}: {
  form: FormOf<Typed>;
  fresh: boolean;
  /** Whether a date was promised since it came in, which counts before that of the counter. */
  promisedSince?: boolean;
}) {
  const { choices } = useWords();
  const typed = form.watch();
  const change = (part: Partial<Typed>) => form.reset({ ...form.getValues(), ...part });
  return (
    <div className="grid grid-cols-2 gap-x-8 gap-y-4">
      <Panel title={texts.theCamera}>
        <div className="grid grid-cols-2 gap-3">
          <FormText form={form} name="maker" label={texts.maker} autoFocus={fresh} required />
          <FormText form={form} name="model" label={texts.model} required />
          <FormText form={form} name="pattern" label={texts.pattern} placeholder={texts.n2ndPatternLabel} />
          <FormText form={form} name="serial" label={texts.serialNumber} className="num" />
          <FormChoice form={form} name="bodyType" label={texts.body} choices={choices("bodyType")} />
          <FormChoice form={form} name="family" label={texts.mechanism} choices={choices("family")} />
        </div>
        {fresh && <WasHere maker={typed.maker} model={typed.model} serial={typed.serial} />}
        <FormText
          form={form}
          name="feature"
          label={texts.identifyingFeatures}

          placeholder={texts.distanceScaleEngravedBlackDial}
        />
        <FormText form={form} name="lens" label={texts.lens} />
        <ChoiceField
          label={texts.markedSpeedsAre}
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
        <FormText form={form} name="speed" label={texts.speedsOnTheDial} className="num" />
      </Panel>
      <Panel title={texts.ownerAndWorkWanted}>
        <Pick
          label={texts.ownedBy}
          choices={[
            { value: "customer", label: texts.aCustomer },
            { value: "own", label: texts.theShop },
          ]}
          value={typed.shopsOwn ? "own" : "customer"}
          onChange={(whose) => change({ shopsOwn: whose === "own" })}
        />
        {typed.shopsOwn ? (
          <div className="grid grid-cols-2 gap-3">
            <FormText form={form} name="paid" label={texts.pricePaid(currencyCode())} inputMode="decimal" />
            <FormText
              form={form}
              name="worth"
              label={texts.resaleValueOnceRepaired(currencyCode())}
              inputMode="decimal"
            />
          </div>
        ) : (
          <div className="grid grid-cols-2 gap-3">
            <FormText form={form} name="owner" label={texts.owner} dir="auto" required />
            <FormText form={form} name="contact" label={texts.contact} dir="auto" />
            <KnownCustomers
              name={typed.owner}
              chosen={typed.customer}
              onChoose={(customer) => change(customer)}
            />
          </div>
        )}
        <FormArea
          form={form}
          name="complaint"
          label={texts.complaintInTheOwnersWords}

          dir="auto"
          required
        />
        <div className={`grid gap-3 ${fresh ? "grid-cols-2" : ""}`}>
          <FormText
            form={form}
            name="accessories"
            label={texts.accessories}

            placeholder={texts.caseStrapLensHood}
          />
          {fresh && (
            <FormText
              form={form}
              name="scope"
              label={texts.workToDo}
              placeholder={texts.slowSpeedsNewSeals}
            />
          )}
        </div>
        {promisedSince ? (
          <p className="text-soft text-[14px]">{texts.promisedSinceThen}</p>
        ) : (
          <div className="grid grid-cols-2 items-end gap-3">
            <FormText form={form} name="promised" label={texts.promisedDate} type="date" />
            {!typed.shopsOwn && typed.promised !== "" && (
              <Tick label={texts.noPromisedDate} checked={false} onChange={() => change({ promised: "" })} />
            )}
          </div>
        )}
        {fresh && <NewcomerDone camera={typed} onPromise={(promised: string) => change({ promised })} />}
        <KnownModel typed={typed} change={change} />
      </Panel>
    </div>
  );
}
