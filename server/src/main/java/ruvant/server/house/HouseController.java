package ruvant.server.house;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ruvant.core.accounts.PaidHow;
import ruvant.core.accounts.PaperKind;
import ruvant.core.house.HousePractice;
import ruvant.core.house.School;
import ruvant.core.house.SpeedLimits;
import ruvant.core.house.Stand;
import ruvant.core.intake.VisitorVerdict;
import ruvant.core.measure.TypedTimes;
import ruvant.core.money.Measure;
import ruvant.core.money.TaxKind;
import ruvant.core.offer.AskedAbout;
import ruvant.core.offer.IfNot;
import ruvant.core.offer.OptionKind;
import ruvant.core.offer.SaidHow;
import ruvant.core.people.Right;
import ruvant.core.proof.FrameFault;
import ruvant.core.said.taught.WordClass;
import ruvant.core.shelf.Condition;
import ruvant.core.shelf.PartState;
import ruvant.core.shelf.StatedFit;
import ruvant.core.trade.*;
import ruvant.core.trade.TradeLists;
import ruvant.core.treat.Lubrication;
import ruvant.core.treat.Materials;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.Labelled;
import ruvant.core.units.Money;
import ruvant.core.warranty.Likeness;
import ruvant.core.wish.Urgency;
import ruvant.server.access.Needs;

/** The shop's practice, the words of every choice, and the tables. */
@RestController
@Needs(value = Right.LOOK, ofNoJob = true)
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class HouseController {
    private static final List<Class<? extends Enum<?>>> CHOICES = List.of(
            BodyType.class,
            Family.class,
            Region.class,
            ConditionKind.class,
            Severity.class,
            VisitorSignKind.class,
            FunctionResult.class,
            SpeedSeries.class,
            Side.class,
            FastenerKind.class,
            Drive.class,
            HeadForm.class,
            FastenerTrait.class,
            JointKind.class,
            Hazard.class,
            WordClass.class,
            MechanismState.class,
            CheckMoment.class,
            PinKind.class,
            BodySide.class,
            VisitorVerdict.Opened.class,
            School.class,
            Attitude.class,
            Phase.class,
            SourceKind.class,
            OldPiece.class,
            FitOutcome.class,
            RungOn.class,
            ModificationKind.class,
            ProbeKind.class,
            Condition.class,
            PartState.class,
            StatedFit.Strength.class,
            Verdict.class,
            TurnUnit.class,
            DryRunResult.class,
            AdjusterLock.class,
            FiringFlag.class,
            StandSetup.Kind.class,
            StandSetup.Coupling.class,
            Stand.Lamp.class,
            Urgency.class,
            TaxKind.class,
            Measure.class,
            PaperKind.class,
            PaidHow.class,
            OptionKind.class,
            IfNot.class,
            SaidHow.class,
            AskedAbout.class,
            Likeness.class,
            FrameFault.class,
            Stop.class);

    private final ShopService shop;
    private final boolean demo;

    HouseController(ShopService shop, @Value("${ruvant.demo}") boolean demo) {
        this.shop = shop;
        this.demo = demo;
    }

    /** One choice and its word. */
    record Choice(String value, String label) {}

    /**
     * Everything a form needs to know about the house.
     *
     * @param lastSequence up to which line of the house's log it goes
     * @param moneyDigits figures after the point of the shop's currency
     * @param shopNamed whether somebody put the shop's own name on its sheets
     */
    record House(
            long lastSequence,
            HousePractice practice,
            Map<String, List<Choice>> words,
            @JsonUnwrapped HouseTables tables,
            Map<Family, SpeedLimits> usualLimits,
            int moneyDigits,
            boolean demo,
            boolean shopNamed) {}

    /** What forms choose from. */
    record HouseTables(
            List<Materials.Material> materials,
            List<Materials.Soil> soils,
            List<Materials.Caution> cautions,
            Lubrication lubrication,
            List<TradeLists.Rung> stuckLadder) {}

    /** What an agent does to the materials asked about, kindest agent first. */
    record Judged(
            String agent,
            String label,
            String use,
            int flashOffMinutes,
            boolean flammable,
            Verdict verdict,
            List<String> reasons) {}

    /** What a part's name says about it. */
    record Guess(boolean covers, List<String> materials) {}

    /** Times read from what was typed. */
    record Times(List<Double> seconds) {}

    @GetMapping("/house")
    House house() {
        Map<String, List<Choice>> words = new LinkedHashMap<>();
        for (Class<? extends Enum<?>> choices : CHOICES) {
            String name = choices.getSimpleName();
            words.put(
                    Character.toLowerCase(name.charAt(0)) + name.substring(1),
                    Arrays.stream(choices.getEnumConstants())
                            .map(one -> new Choice(one.name(), ((Labelled) one).label()))
                            .toList());
        }
        words.put("currency", currencies());
        return new House(
                shop.houseSequence(),
                shop.shop().practice(),
                words,
                new HouseTables(
                        shop.shop().materials().materials(),
                        shop.shop().materials().soils(),
                        shop.shop().materials().cautions(),
                        shop.shop().lubrication(),
                        shop.shop().lists().rungs()),
                Arrays.stream(Family.values()).collect(Collectors.toMap(Function.identity(), SpeedLimits::usual)),
                shop.shop().practice().reckoning().money().digits(),
                demo,
                !shop.shop()
                        .practice()
                        .head()
                        .shopName()
                        .equals(HousePractice.starting().head().shopName()));
    }

    private static List<Choice> currencies() {
        return CurrencyHere.known().stream()
                .map(one -> new Choice(
                        one.getCurrencyCode(), one.getCurrencyCode() + ", " + one.getDisplayName(Locale.ENGLISH)))
                .toList();
    }

    @GetMapping("/agents")
    List<Judged> agents(@RequestParam List<String> materials) {
        return shop.shop().materials().judgeAll(materials).stream()
                .map(one -> new Judged(
                        one.agent().id(),
                        one.agent().label(),
                        one.agent().use(),
                        one.agent().flashOffMinutes(),
                        one.agent().flammable(),
                        one.verdict(),
                        one.reasons()))
                .toList();
    }

    @GetMapping("/guess")
    Guess guess(@RequestParam String name) {
        return new Guess(
                shop.shop().lists().covers(name), shop.shop().materials().guess(name));
    }

    @GetMapping("/oiling")
    Lubrication.PointAdvice oiling(
            @RequestParam String point,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "") String lubricant) {
        return shop.shop()
                .lubrication()
                .advice(point, kind, lubricant, shop.shop().practice().school());
    }

    @GetMapping("/amount")
    Money amount(@RequestParam String typed) {
        return shop.shop().practice().reckoning().money().read(typed);
    }

    @GetMapping("/times")
    Times times(@RequestParam String typed) {
        return new Times(TypedTimes.seconds(typed));
    }
}
