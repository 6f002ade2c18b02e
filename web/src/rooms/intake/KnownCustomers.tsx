import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { customersQuery, hereBeforeQuery } from "../../api/customers";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { useSettled } from "../../ui/useSettled";
import { texts } from "./words";

const SHOWN = 4;

/** Customers who go by what was typed as the owner: one press takes name, contact and card. */
export function KnownCustomers({
  name,
  chosen,
  onChoose,
}: {
  name: string;
  chosen: string;
  onChoose: (customer: { owner: string; contact?: string; customer: string }) => void;
}) {
  const settled = useSettled(name.trim(), 200);
  const rows = useQuery({ ...customersQuery(settled), enabled: settled.length > 1 }).data?.rows ?? [];
  const others = settled.length > 1 ? rows.filter((row) => row.id === undefined || row.id !== chosen) : [];
  const fitting = others.filter((row) => row.name.toLowerCase().includes(settled.toLowerCase()));
  if (fitting.length === 0) return null;
  return (
    <div className="col-span-2 flex flex-wrap gap-1.5" role="group" aria-label={texts.knownCustomers}>
      {fitting.slice(0, SHOWN).map((row) => (
        <Button
          key={`${row.id ?? ""} ${row.name}`}
          onClick={() =>
            onChoose({
              owner: row.name,
              ...(row.reached === "" ? {} : { contact: row.reached }),
              customer: row.id ?? "",
            })
          }
        >
          <bdi>{row.name}</bdi>
          <span className="text-soft text-[13.5px]">
            {row.reached === "" ? texts.camerasSoFar(row.jobs) : row.reached}
          </span>
        </Button>
      ))}
    </div>
  );
}

/** Says at once that a camera was here before, whoever brought it then. */
export function WasHere({ maker, model, serial }: { maker: string; model: string; serial: string }) {
  const settled = useSettled(`${maker.trim()}\n${model.trim()}\n${serial.trim()}`, 300).split("\n");
  const stays = useQuery(hereBeforeQuery(settled[0], settled[1], settled[2])).data ?? [];
  if (stays.length === 0) return null;
  return (
    <ul className="bg-mark-wash border-mark-line rounded-[3px] border-l-4 px-3 py-1.5 text-[14.5px]">
      {stays.map((stay) => (
        <li key={stay.tag}>
          <Link to={`/camera/${stay.tag}`} className="inline-flex min-h-11 items-center underline">
            {texts.wasHere(
              stay.tag,
              stay.owner,
              stay.returned === undefined ? "" : `, ${texts.returnedOn(day(stay.returned))}`,
            )}
          </Link>{" "}
          <span className="text-soft">{stay.cause}</span>
        </li>
      ))}
    </ul>
  );
}
