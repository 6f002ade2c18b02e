import type { Pricing } from "../../../api/accounts";
import { TextField } from "../../../ui/Field";
import { Part } from "./Part";
import { texts } from "../words";

/** The shop as it stands on its papers. */
export function SellerForm({ seller }: { seller: Pricing["seller"] }) {
  const start = {
    name: "",
    street: "",
    postcode: "",
    town: "",
    country: "",
    taxNumber: "",
    email: "",
    ...seller?.party,
    phone: seller?.phone ?? "",
    account: seller?.account ?? "",
    bank: seller?.bank ?? "",
    footer: seller?.footer ?? "",
  };
  return (
    <Part
      title={texts.shopOnItsPapers}
      start={start}
      entry={({ phone, account, bank, footer, ...party }) =>
        Promise.resolve([{ kind: "sellerSet", seller: { party, phone, account, bank, footer } }])
      }
    >
      {(typed, change) => {
        const field = (name: keyof typeof start, label: string, wrap = "col-span-3") => (
          <TextField
            name={name}
            label={label}
            wrap={wrap}
            value={typed[name]}
            onChange={(event) => change({ ...typed, [name]: event.target.value })}
          />
        );
        return (
          <div className="grid grid-cols-6 gap-x-3 gap-y-1.5">
            {field("name", texts.sellerName, "col-span-6")}
            {field("street", texts.street, "col-span-6")}
            {field("postcode", texts.postcode, "col-span-2")}
            {field("town", texts.town, "col-span-4")}
            {field("country", texts.countryCode)}
            {field("taxNumber", texts.taxNumberLabel)}
            {field("phone", texts.phoneLabel)}
            {field("email", texts.emailLabel)}
            {field("account", texts.accountNumber)}
            {field("bank", texts.bankLabel)}
            {field("footer", texts.paperFooter, "col-span-6")}
          </div>
        );
      }}
    </Part>
  );
}
