import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { House } from "../../api/client";
import { houseQuery } from "../../api/queries";
import { useShopLog } from "../../hands/append";
import { Button } from "../../ui/Button";
import { FormArea, FormOwn, FormPick, FormText, FormTick } from "../../form/fields";
import { Form } from "../../form/Form";
import { useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import { changesOf } from "./changesOf";
import { Ears } from "./Ears";
import { HOUSE, practiceOf, typedOf } from "./practiceForm";
import { RatesFields } from "./RatesFields";
import { LimitsTable } from "./Limits";
import { Stands } from "./Stands";
import { StationsHeld } from "./StationsHeld";
import { Trays } from "./Trays";
import { WellLabels } from "./WellLabels";
import { texts } from "./words";

type Practice = House["practice"];

/** How we work here: people, practice, tray, proofs. */
export function HousePage() {
  const house = useQuery(houseQuery).data;
  if (house === undefined) return null;
  // another currency writes the amounts of the form in another way
  return <PracticeForm key={house.practice.reckoning.money.currency} house={house} />;
}

function PracticeForm({ house }: { house: House }) {
  const say = useShopLog("house");
  const form = useFormOf(
    HOUSE,
    typedOf(house.practice),
    async (read) => {
      const entries = changesOf(house.practice, practiceOf(read, house.practice));
      if (entries.length > 0) await say(entries, texts.savedLabel, house.lastSequence);
    },
    "house",
  );
  const school = form.watch("school");
  const schools = house.words.school ?? [];
  return (
    <Form form={form} className="flex min-h-0 flex-1 flex-col">
      <div className="bay wide:grid-cols-[380px_minmax(0,1fr)] grid min-h-0 flex-1 grid-cols-[300px_minmax(0,1fr)] content-start gap-x-8 gap-y-5 overflow-y-auto px-5 py-4">
        <h1 className="col-span-2 text-[22px]">{texts.settings}</h1>
        <div className="flex flex-col gap-5">
          <Panel title={texts.theShop}>
            <FormText form={form} name="shopName" label={texts.shopNameOnTheReturn} />
            <FormArea form={form} name="people" label={texts.whoMaySignOnePer} rows={4} />
            <FormText form={form} name="guaranteeMonths" label={texts.guaranteeMonths} inputMode="numeric" />
          </Panel>
          <Panel title={texts.stationsForWaits}>
            <FormOwn form={form} name="stations">
              {(stations, set) => <StationsHeld stations={stations} onChange={set} />}
            </FormOwn>
          </Panel>
          <Panel title={texts.trays}>
            <FormOwn form={form} name="trays">
              {(trays, set) => <Trays trays={trays} onChange={set} />}
            </FormOwn>
            <WellLabels trays={house.practice.trays} />
          </Panel>
          <Panel title={texts.proofsAndPromises}>
            <div className="grid grid-cols-2 gap-3">
              <FormText form={form} name="streakLength" label={texts.goodFiringsInARow} inputMode="numeric" />
              <FormText
                form={form}
                name="lookAlikeMm"
                label={texts.lookAlikesLengthDifferenceUp}
                inputMode="decimal"
              />
              <FormText
                form={form}
                name="glassPasses"
                label={texts.maximumPassesPerLensSurface}
                inputMode="numeric"
              />
            </div>
            <FormTick form={form} name="ownerAgreesFirst" label={texts.askTheOwnerBeforeAnything} />
          </Panel>
          <Panel title={texts.moneyAndTime}>
            <RatesFields form={form} saved={house.practice.reckoning.money.currency} />
          </Panel>
          <Ears />
        </div>
        <div className="flex flex-col gap-5">
          <div className="flex flex-wrap gap-2">
            {[
              { to: "hours", label: texts.hoursOff },
              { to: "prices", label: texts.pricesAndPapers },
              { to: "people", label: texts.peopleAndDevices },
              { to: "safe", label: texts.backupsAndDamage },
              { to: "tables", label: texts.agentsMaterialsWaitsAndTrade },
            ].map((one) => (
              <Link
                key={one.to}
                to={one.to}
                className="border-ready text-ready flex min-h-11 items-center rounded-[4px] border px-3.5 font-bold"
              >
                {one.label}
              </Link>
            ))}
          </div>
          <Panel title={texts.howWeOil}>
            <FormPick form={form} name="school" label={texts.practice} choices={schools} />
            <table className="w-full text-[14.5px]">
              <thead>
                <tr className="text-soft text-left">
                  <th className="py-1 pr-3 font-normal">{texts.point}</th>
                  {schools.map((one) => (
                    <th
                      key={one.value}
                      className={`py-1 pr-3 ${one.value === school ? "text-ink" : "font-normal"}`}
                    >
                      {one.label}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {house.lubrication.points.map((point) => (
                  <tr key={point.id} className="border-line/70 border-t align-top">
                    <th scope="row" className="max-w-[220px] py-1 pr-3 text-left font-normal">
                      {point.label}
                    </th>
                    {schools.map((one) => (
                      <td
                        key={one.value}
                        className={`py-1 pr-3 ${one.value === school ? "bg-ready-wash px-2 font-bold" : "text-soft"}`}
                      >
                        {point.bySchool[one.value as Practice["school"]] || "–"}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </Panel>
          <Panel title={texts.speedTolerances}>
            <FormOwn form={form} name="limits">
              {(limits, set) => <LimitsTable house={house} limits={limits} onChange={set} />}
            </FormOwn>
          </Panel>
          <Stands />
        </div>
      </div>
      <div className="border-ink bg-sheet flex items-center gap-4 border-t-2 px-5 py-2.5">
        <Button kind="primary" type="submit" className="px-6!">
          {texts.save}
        </Button>
        {form.refused}
        <Link to="/house/record" className="ml-auto inline-flex min-h-11 items-center underline">
          {texts.recordOfChanges}
        </Link>
      </div>
    </Form>
  );
}
