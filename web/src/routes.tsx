import { createBrowserRouter, Navigate } from "react-router";
import { Bench } from "./rooms/bench/Bench";
import { Entered } from "./shell/Entered";
import { PhoneFrame } from "./shell/PhoneFrame";
import { NothingHere, Broken } from "./shell/NothingHere";
import { texts } from "./shell/words";

/** Every place has an address, so that one can come back to it. Rooms load when they are first entered. */
export const router = createBrowserRouter([
  {
    path: "authority",
    errorElement: <Broken />,
    lazy: async () => ({ Component: (await import("./rooms/people/Authority")).Authority }),
  },
  {
    path: "phone",
    element: <PhoneFrame />,
    errorElement: <Broken />,
    children: [
      {
        index: true,
        lazy: async () => ({ Component: (await import("./rooms/phone/PhonePage")).PhonePage }),
      },
    ],
  },
  {
    element: <Entered />,
    errorElement: <Broken />,
    hydrateFallbackElement: <p className="p-6">{texts.loading}</p>,
    children: [
      { index: true, element: <Bench /> },
      {
        path: "cameras",
        lazy: async () => ({ Component: (await import("./rooms/cameras/Cameras")).Cameras }),
      },
      {
        path: "plan/minutes",
        lazy: async () => ({ Component: (await import("./rooms/plan/Minutes")).Minutes }),
      },
      { path: "plan", lazy: async () => ({ Component: (await import("./rooms/plan/Plan")).Plan }) },
      { path: "new", lazy: async () => ({ Component: (await import("./rooms/intake/NewJob")).NewJob }) },
      {
        path: "house",
        lazy: async () => ({ Component: (await import("./rooms/house/HousePage")).HousePage }),
      },
      {
        path: "house/prices",
        lazy: async () => ({ Component: (await import("./rooms/house/Prices")).Prices }),
      },
      {
        path: "accounts",
        lazy: async () => ({ Component: (await import("./rooms/accounts/Accounts")).Accounts }),
      },
      { path: "waits", lazy: async () => ({ Component: (await import("./rooms/waits/Waits")).Waits }) },
      {
        path: "house/hours",
        lazy: async () => ({ Component: (await import("./rooms/house/Hours")).Hours }),
      },
      {
        path: "house/safe",
        lazy: async () => ({ Component: (await import("./rooms/house/Safe")).Safe }),
      },
      {
        path: "house/people",
        lazy: async () => ({ Component: (await import("./rooms/people/People")).People }),
      },
      {
        path: "house/tables",
        lazy: async () => ({ Component: (await import("./rooms/house/TablesPage")).TablesPage }),
      },
      {
        path: "shelf",
        lazy: async () => ({ Component: (await import("./rooms/shelf/Shelf")).Shelf }),
        children: [
          { index: true, element: <Navigate to="needs" replace /> },
          {
            path: "needs",
            lazy: async () => ({ Component: (await import("./rooms/shelf/Needs")).Needs }),
          },
          {
            path: "stock",
            lazy: async () => ({ Component: (await import("./rooms/shelf/Stock")).Stock }),
          },
          {
            path: "donors",
            lazy: async () => ({ Component: (await import("./rooms/shelf/Donors")).Donors }),
          },
          {
            path: "donors/new",
            lazy: async () => ({ Component: (await import("./rooms/shelf/DonorForm")).NewDonor }),
          },
          {
            path: "donors/:id",
            lazy: async () => ({ Component: (await import("./rooms/shelf/Donor")).Donor }),
          },
          {
            path: "orders",
            lazy: async () => ({ Component: (await import("./rooms/shelf/Orders")).Orders }),
          },
          { path: "fits", lazy: async () => ({ Component: (await import("./rooms/shelf/Fits")).Fits }) },
          {
            path: "log",
            lazy: async () => ({ Component: (await import("./rooms/shelf/ShelfLog")).ShelfLog }),
          },
        ],
      },
      {
        path: "known",
        lazy: async () => ({ Component: (await import("./rooms/knowledge/Models")).Models }),
      },
      {
        path: "house/record",
        lazy: async () => ({ Component: (await import("./rooms/record/ShopRecords")).HouseRecord }),
      },
      {
        path: "known/record",
        lazy: async () => ({ Component: (await import("./rooms/record/ShopRecords")).KnownRecord }),
      },
      {
        path: "known/faults",
        lazy: async () => ({ Component: (await import("./rooms/knowledge/Faults")).Faults }),
      },
      {
        path: "known/adjusters",
        lazy: async () => ({ Component: (await import("./rooms/adjust/KnownAdjusters")).KnownAdjusters }),
      },
      {
        path: "known/model",
        lazy: async () => ({ Component: (await import("./rooms/knowledge/OneModel")).OneModel }),
      },
      {
        path: "customers",
        lazy: async () => ({ Component: (await import("./rooms/customers/Customers")).Customers }),
      },
      {
        path: "customers/one",
        lazy: async () => ({ Component: (await import("./rooms/customers/OneCustomer")).OneCustomer }),
      },
      {
        path: "figures",
        lazy: async () => ({ Component: (await import("./rooms/figures/Figures")).Figures }),
      },
      {
        path: "camera/:tag",
        lazy: async () => ({ Component: (await import("./rooms/camera/CameraPage")).CameraPage }),
        children: [
          {
            index: true,
            lazy: async () => ({ Component: (await import("./rooms/camera/Overview")).Overview }),
          },
          {
            path: "intake",
            lazy: async () => ({ Component: (await import("./rooms/intake/Intake")).Intake }),
          },
          {
            path: "options",
            lazy: async () => ({ Component: (await import("./rooms/offer/OptionsPage")).OptionsPage }),
          },
          {
            path: "money",
            lazy: async () => ({ Component: (await import("./rooms/accounts/JobMoney")).JobMoney }),
          },
          { path: "strip", lazy: async () => ({ Component: (await import("./rooms/strip/Strip")).Strip }) },
          {
            path: "find",
            lazy: async () => ({ Component: (await import("./rooms/find/FindFault")).FindFault }),
          },
          { path: "clean", lazy: async () => ({ Component: (await import("./rooms/treat/Clean")).Clean }) },
          { path: "mend", lazy: async () => ({ Component: (await import("./rooms/treat/Mend")).Mend }) },
          {
            path: "adjust",
            lazy: async () => ({ Component: (await import("./rooms/adjust/Adjust")).Adjust }),
          },
          { path: "oil", lazy: async () => ({ Component: (await import("./rooms/treat/Oil")).Oil }) },
          { path: "refit", lazy: async () => ({ Component: (await import("./rooms/refit/Refit")).Refit }) },
          { path: "prove", lazy: async () => ({ Component: (await import("./rooms/prove/Prove")).Prove }) },
          {
            path: "stand",
            lazy: async () => ({ Component: (await import("./rooms/prove/stand/Stand")).Stand }),
          },
          {
            path: "return",
            lazy: async () => ({ Component: (await import("./rooms/handover/Return")).Return }),
          },
          {
            path: "pictures",
            lazy: async () => ({ Component: (await import("./rooms/album/Pictures")).Pictures }),
          },
          {
            path: "record",
            lazy: async () => ({ Component: (await import("./rooms/record/Record")).Record }),
          },
        ],
      },
      { path: "*", element: <NothingHere /> },
    ],
  },
]);
