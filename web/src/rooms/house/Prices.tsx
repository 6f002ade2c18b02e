import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { accountsQuery } from "../../api/accounts";
import { houseQuery } from "../../api/queries";
import { FixedForm } from "./prices/FixedForm";
import { LabourForm } from "./prices/LabourForm";
import { SellerForm } from "./prices/SellerForm";
import { TaxForm } from "./prices/TaxForm";
import { TermsForm } from "./prices/TermsForm";
import { texts } from "./words";

/** What the shop charges, and how it stands on its papers. */
export function Prices() {
  const pricing = useQuery(accountsQuery("")).data?.pricing;
  const house = useQuery(houseQuery).data;
  if (pricing === undefined || house === undefined) return null;
  const people = house.practice.people;
  return (
    <div className="bay wide:grid-cols-2 grid min-h-0 flex-1 grid-cols-2 content-start gap-x-8 gap-y-6 overflow-y-auto px-5 py-4">
      <div className="col-span-2 flex items-baseline gap-4">
        <h1 className="text-[22px]">{texts.pricesAndPapers}</h1>
        <Link to="/house" className="inline-flex min-h-11 items-center underline">
          {texts.settings}
        </Link>
      </div>
      <div className="flex flex-col gap-6">
        <SellerForm key={JSON.stringify(pricing.seller)} seller={pricing.seller} />
        <TermsForm key={JSON.stringify(pricing.terms)} terms={pricing.terms} />
      </div>
      <div className="flex flex-col gap-6">
        <TaxForm key={JSON.stringify(pricing.taxes)} taxes={pricing.taxes} />
        <LabourForm key={`${JSON.stringify(pricing.labour)} ${pricing.hourMinor}`} {...{ pricing, people }} />
        <FixedForm key={JSON.stringify(pricing.fixed)} fixed={pricing.fixed} />
      </div>
    </div>
  );
}
