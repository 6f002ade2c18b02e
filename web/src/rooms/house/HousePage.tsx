import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { House } from "../../api/client";
import { houseQuery } from "../../api/queries";
import { useShopLog } from "../../hands/append";
import { changesOf } from "./changesOf";
import { Button } from "../../ui/Button";
import { AreaField, FormProblem, TextField, Tick } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import { Ears } from "./Ears";
import { RatesFields } from "./RatesFields";
import { LimitsTable } from "./Limits";
import { Stands } from "./Stands";
import { StationsHeld } from "./StationsHeld";
import { Trays } from "./Trays";
import { WellLabels } from "./WellLabels";

/** How we work here: people, practice, tray, proofs. */
export function HousePage() {
  const house = useQuery(houseQuery).data;
  return house === undefined ? null : <Practice house={house} />;
}

function Practice({ house }: { house: House }) {
  const say = useShopLog("house");
  const { problem, field, submit } = useSubmit();
  const [practice, setPractice] = useState(house.practice);
  const [people, setPeople] = useState(house.practice.people.join("\n"));
  const number = (name: "streakLength" | "guaranteeMonths" | "lookAlikeMm" | "opticsGoes") => ({
    name,
    inputMode: "decimal" as const,
    defaultValue: String(practice[name]),
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setPractice({ ...practice, [name]: Number(event.target.value.replace(",", ".")) }),
  });
  const save = () =>
    submit(async () => {
      const body = { ...practice, people: people.split("\n").filter((one) => one.trim() !== "") };
      const entries = changesOf(house.practice, body);
      if (entries.length > 0) await say(entries, "This is how we work here now.", house.lastSequence);
    });
  const schools = house.words.school ?? [];
  return (
    <FormProblem value={field}>
      <form
        className="flex min-h-0 flex-1 flex-col"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <div className="wide:grid-cols-[380px_minmax(0,1fr)] grid min-h-0 flex-1 grid-cols-[300px_minmax(0,1fr)] content-start gap-x-8 gap-y-5 overflow-y-auto px-5 py-4">
          <h1 className="col-span-2 text-[22px]">House</h1>
          <div className="flex flex-col gap-5">
            <Panel title="The shop">
              <TextField
                label="Name at the head of the return sheet"
                name="shopName"
                value={practice.shopName}
                onChange={(event) => setPractice({ ...practice, shopName: event.target.value })}
              />
              <AreaField
                label="Who may sign, one a line"
                name="people"
                rows={4}
                value={people}
                onChange={(event) => setPeople(event.target.value)}
              />
              <TextField label="Guarantee, months" {...number("guaranteeMonths")} />
            </Panel>
            <Panel title="Where things wait">
              <StationsHeld
                stations={practice.stations}
                onChange={(stations) => setPractice({ ...practice, stations })}
              />
            </Panel>
            <Panel title="Trays">
              <Trays trays={practice.trays} onChange={(trays) => setPractice({ ...practice, trays })} />
              <WellLabels trays={house.practice.trays} />
            </Panel>
            <Panel title="Proofs and promises">
              <div className="grid grid-cols-2 gap-3">
                <TextField label="Good firings in a row" {...number("streakLength")} />
                <TextField label="Look-alikes: mm apart" {...number("lookAlikeMm")} />
                <TextField label="Goes over a glass, at most" {...number("opticsGoes")} />
              </div>
              <Tick
                label="The owner agrees first to what cannot be undone"
                checked={practice.ownerAgreesFirst}
                onChange={(event) => setPractice({ ...practice, ownerAgreesFirst: event.target.checked })}
              />
            </Panel>
            <Panel title="What time costs">
              <RatesFields rates={practice.rates} onChange={(rates) => setPractice({ ...practice, rates })} />
            </Panel>
            <Ears />
          </div>
          <div className="flex flex-col gap-5">
            <Link
              to="tables"
              className="border-ready text-ready flex min-h-11 items-center self-start rounded-[4px] border px-3.5 font-bold"
            >
              Agents, materials and waits
            </Link>
            <Panel title="How we oil">
              <Pick
                label="School"
                choices={schools}
                value={practice.school}
                onChange={(school) =>
                  setPractice({ ...practice, school: school as House["practice"]["school"] })
                }
              />
              <table className="w-full text-[14.5px]">
                <thead>
                  <tr className="text-soft text-left">
                    <th className="py-1 pr-3 font-normal">Point</th>
                    {schools.map((school) => (
                      <th
                        key={school.value}
                        className={`py-1 pr-3 ${school.value === practice.school ? "text-ink" : "font-normal"}`}
                      >
                        {school.label}
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
                      {schools.map((school) => (
                        <td
                          key={school.value}
                          className={`py-1 pr-3 ${school.value === practice.school ? "bg-ready-wash px-2 font-bold" : "text-soft"}`}
                        >
                          {point.bySchool[school.value as House["practice"]["school"]] || "–"}
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            </Panel>
            <Panel title="How far off speeds may be">
              <LimitsTable
                house={house}
                limits={practice.limits}
                onChange={(limits) => setPractice({ ...practice, limits })}
              />
            </Panel>
            <Stands />
          </div>
        </div>
        <div className="border-ink bg-sheet flex items-center gap-4 border-t-2 px-5 py-2.5">
          <Button kind="primary" type="submit" className="px-6!">
            So we work
          </Button>
          {problem !== undefined && <ProblemNote problem={problem} />}
          <Link to="/house/record" className="ml-auto inline-flex min-h-11 items-center underline">
            Record of changes
          </Link>
        </div>
      </form>
    </FormProblem>
  );
}
