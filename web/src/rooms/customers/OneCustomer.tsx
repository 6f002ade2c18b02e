import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import type { Schemas } from "../../api/client";
import { blank, customerQuery, exportOf, pageOf, type CustomerPage } from "../../api/customers";
import { moneyOf } from "../../api/money";
import { refreshed } from "../../api/refreshed";
import { useShopLog } from "../../hands/append";
import { notify } from "../../hands/notices";
import { useSigner } from "../../hands/signer";
import { BookTabs } from "../../ui/BookTabs";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { TextField } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { PaperTag } from "../../ui/PaperTag";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

type Customer = Schemas["Customer"];

const NOBODY: Customer = {
  party: { name: "", street: "", postcode: "", town: "", country: "", taxNumber: "", email: "" },
  phone: "",
  remark: "",
};

/** One customer: how to reach them, their cameras, what they owe and were asked, and their privacy. */
export function OneCustomer() {
  const [search] = useSearchParams();
  const fresh = search.has("new");
  const key = { id: search.get("id") ?? undefined, name: search.get("name") ?? undefined };
  const { data: page, error } = useQuery({ ...customerQuery(key), enabled: !fresh });
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto px-5 py-3">
      <BookTabs />
      <Link to="/customers" className="flex min-h-11 items-center self-start underline">
        {texts.back}
      </Link>
      {error !== null && !fresh && <ProblemNote problem={error} />}
      {fresh ? (
        <div className="flex max-w-[620px] flex-col gap-4">
          <h1 className="text-[22px]">{texts.newCustomer}</h1>
          <Card customer={NOBODY} />
        </div>
      ) : (
        page !== undefined && <Shown page={page} />
      )}
    </div>
  );
}

function Shown({ page }: { page: CustomerPage }) {
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_420px] grid grid-cols-[minmax(0,1fr)_360px] items-start gap-x-8 gap-y-5">
      <div className="flex flex-col gap-5">
        <h1 className="text-[22px]">
          <bdi>{page.customer.party.name}</bdi>
        </h1>
        <Panel title={texts.theirCameras}>
          {page.jobs.length === 0 && <Empty>{texts.noCameras}</Empty>}
          <ul>
            {page.jobs.map((job) => (
              <li key={job.tag} className="border-line/70 border-b last:border-0">
                <Link
                  to={`/camera/${job.tag}`}
                  className="hover:bg-sunk flex min-h-11 items-center gap-3 px-1 py-1"
                >
                  <PaperTag tag={job.tag} />
                  <span className="min-w-0 flex-1 truncate">
                    <b>{`${job.maker} ${job.model}`}</b>{" "}
                    <span className="text-soft num text-[14px]">{job.serial}</span>{" "}
                    <span className="text-soft text-[14px]">“{job.complaint}”</span>
                  </span>
                  <span className="text-[14px] whitespace-nowrap">
                    {job.returnedAt === undefined ? (
                      <b>{texts.here}</b>
                    ) : (
                      <span className="text-soft">{texts.returned(day(job.returnedAt))}</span>
                    )}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </Panel>
        {page.asked.length > 0 && (
          <Panel title={texts.asked}>
            {page.asked.map((one) => (
              <p key={one.question.id} className="text-[15px]">
                <Link to={`/camera/${one.tag}/options`} className="num underline">
                  {one.tag}
                </Link>{" "}
                {one.question.question}
              </p>
            ))}
          </Panel>
        )}
        <Privacy key={page.customer.party.name} page={page} />
      </div>
      <div className="flex flex-col gap-5">
        <Card key={page.lastSequence} id={page.id} customer={page.customer} basedOn={page.lastSequence} />
        <Money page={page} />
      </div>
    </div>
  );
}

function Money({ page }: { page: CustomerPage }) {
  const amount = (minor: number) => moneyOf({ minor, currency: page.currency });
  return (
    <Panel title={texts.money} note={texts.papers(page.papers)}>
      {page.openMinor === 0 ? (
        <p className="text-soft">{texts.settled}</p>
      ) : (
        <p className="flex items-baseline justify-between">
          <span>{page.openMinor > 0 ? texts.toPay : texts.toGoBack}</span>
          <b className="num text-[17px]">{amount(Math.abs(page.openMinor))}</b>
        </p>
      )}
      {page.depositedMinor > 0 && (
        <p className="flex items-baseline justify-between">
          <span>{texts.inAdvance}</span>
          <span className="num">{amount(page.depositedMinor)}</span>
        </p>
      )}
    </Panel>
  );
}

function Card({ id, customer, basedOn = 0 }: { id?: string; customer: Customer; basedOn?: number }) {
  const [typed, setTyped] = useState(customer);
  const say = useShopLog("customers");
  const navigate = useNavigate();
  const { refused, busy, submit } = useSubmit();
  const save = async () => {
    const [line] = await say(
      [
        id === undefined
          ? { kind: "customerAdded", customer: typed }
          : { kind: "customerChanged", of: id, customer: typed },
      ],
      texts.saved,
      basedOn,
    );
    if (id === undefined && line !== undefined) void navigate(pageOf({ id: line }), { replace: true });
  };
  const party = (name: keyof Customer["party"], label: string, wrap = "") => (
    <TextField
      label={label}
      wrap={wrap}
      value={typed.party[name]}
      onChange={(event) => setTyped({ ...typed, party: { ...typed.party, [name]: event.target.value } })}
    />
  );
  return (
    <Panel title={texts.card}>
      <form
        className="grid grid-cols-6 gap-x-3 gap-y-1.5"
        onSubmit={(event) => {
          event.preventDefault();
          void submit(save);
        }}
      >
        {party("name", texts.name, "col-span-6")}
        <TextField
          label={texts.phone}
          wrap="col-span-3"
          value={typed.phone}
          onChange={(event) => setTyped({ ...typed, phone: event.target.value })}
        />
        {party("email", texts.email, "col-span-3")}
        {party("street", texts.street, "col-span-6")}
        {party("postcode", texts.postcode, "col-span-2")}
        {party("town", texts.town, "col-span-4")}
        {party("country", texts.country, "col-span-3")}
        {party("taxNumber", texts.taxNumber, "col-span-3")}
        <TextField
          label={texts.remark}
          wrap="col-span-6"
          value={typed.remark}
          onChange={(event) => setTyped({ ...typed, remark: event.target.value })}
        />
        {refused !== undefined && <div className="col-span-6">{refused}</div>}
        <Button
          type="submit"
          kind="primary"
          className="col-span-6 justify-self-start"
          disabled={busy || typed.party.name.trim() === ""}
        >
          {texts.save}
        </Button>
      </form>
    </Panel>
  );
}

function Privacy({ page }: { page: CustomerPage }) {
  const [typed, setTyped] = useState("");
  const { signer } = useSigner();
  const navigate = useNavigate();
  const { refused, busy, submit } = useSubmit();
  const name = page.customer.party.name;
  const key = { id: page.id, name };
  const take = async () => {
    const done = await blank({
      by: signer,
      id: page.id,
      name: page.id === undefined ? name : undefined,
      typed,
    });
    notify({ kind: "done", text: texts.blanked(done.jobs, done.papersKept) });
    refreshed("customers");
    void navigate("/customers");
  };
  return (
    <Panel title={texts.privacy}>
      <a href={exportOf(key)} className="flex min-h-11 items-center self-start underline">
        {texts.exportAll}
      </a>
      <p className="text-soft max-w-[70ch] text-[14.5px]">
        {texts.blankWhat}
        {page.papersKeptUntil !== undefined && ` ${texts.papersStay(day(page.papersKeptUntil))}`}
      </p>
      <form
        className="flex items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void submit(take);
        }}
      >
        <TextField
          label={texts.typeName(name)}
          wrap="max-w-[360px] flex-1"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Button type="submit" kind="stop" disabled={busy || typed.trim() === ""}>
          {texts.blank}
        </Button>
      </form>
      {refused}
    </Panel>
  );
}
