package ruvant.server.accounts;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ruvant.core.accounts.AccountsEntry;
import ruvant.core.accounts.AccountsFold;
import ruvant.core.accounts.AccountsPicture;
import ruvant.core.accounts.AccountsRoom;
import ruvant.core.accounts.Draft;
import ruvant.core.accounts.Paper;
import ruvant.core.accounts.PaperKind;
import ruvant.core.accounts.PaperNumber;
import ruvant.core.accounts.Papers;
import ruvant.core.accounts.TypedDraft;
import ruvant.core.log.Folding;
import ruvant.core.log.Folds;
import ruvant.core.log.Kernel;
import ruvant.core.log.Line;
import ruvant.core.log.Log;
import ruvant.core.log.LogName;
import ruvant.core.log.NewLine;
import ruvant.core.log.Rooms;
import ruvant.core.money.Totals;
import ruvant.core.people.Right;
import ruvant.core.privacy.Blanking;
import ruvant.core.units.CurrencyHere;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.Refusal;
import ruvant.core.units.TagNumber;
import ruvant.server.house.ShopService;
import ruvant.server.record.Events;
import ruvant.server.record.LineStore;
import ruvant.server.record.LineView;
import ruvant.server.record.LogDoor;
import ruvant.server.record.LogKeeper;
import ruvant.server.record.LogKind;
import ruvant.server.record.RefusedException;
import ruvant.server.storage.Database;

/** The log of papers and money, at hand for every request. Numbers are given here, in the transaction that keeps the paper. */
@Service
public class AccountsService implements LogDoor {
    private final Database database;
    private final LineStore lines;
    private final ShopService shop;
    private final Events events;
    private final Clock clock;
    private final LogKeeper<AccountsEntry> keeper;
    private volatile AccountsPicture picture;

    public AccountsService(Database database, LineStore lines, ShopService shop, Events events, Clock clock) {
        this.database = database;
        this.lines = lines;
        this.shop = shop;
        this.events = events;
        this.clock = clock;
        this.keeper = new LogKeeper<>(database, lines, new Accounts());
    }

    /** What the keeper asks of the accounts. */
    private final class Accounts implements LogKind<AccountsEntry> {
        @Override
        public Rooms rooms() {
            return AccountsRoom.ROOMS;
        }

        @Override
        public Kernel kernel(LogName log, Instant now) {
            return AccountsRoom.KERNEL;
        }

        @Override
        public ruvant.core.log.Names names(Log<AccountsEntry> log) {
            return Folding.of(AccountsRoom.ROOMS, log).of(AccountsFold.class)::name;
        }

        @Override
        public void project(Log<AccountsEntry> after, Folds folds, List<Line> added) {
            // nothing is kept beside the log: it is read whole
        }

        @Override
        public void tell(Log<AccountsEntry> after, Folds folds, List<Line> added) {
            picture = folds.of(AccountsFold.class).picture();
            events.changed(after.name(), after.lastSequence());
        }
    }

    /** Papers and money as they are now. */
    public AccountsPicture picture() {
        AccountsPicture now = picture;
        if (now == null) {
            now = keeper.folds(AccountsRoom.LOG).of(AccountsFold.class).picture();
            picture = now;
        }
        return now;
    }

    /**
     * The paper of a number.
     *
     * @throws FieldProblem where there is none
     */
    public AccountsPicture.Held paper(PaperNumber number) {
        return picture()
                .paper(number)
                .orElseThrow(
                        () -> new FieldProblem("number", "There is no " + number + ".", "Look for it under Accounts."));
    }

    /** Up to which line the log goes. */
    public long sequence() {
        return keeper.log(AccountsRoom.LOG).lastSequence();
    }

    /** In what the shop reckons, and how it writes amounts. */
    public CurrencyHere money() {
        return shop.shop().practice().reckoning().money();
    }

    /** The day it is in the shop. */
    public LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    /** In the currency of what it answers, else in the shop's. */
    private CurrencyHere moneyOf(PaperKind kind, UUID refersTo) {
        return new CurrencyHere(basis(kind, null, refersTo).currency(), money().locale());
    }

    /** A draft as it was typed, read. */
    public Draft read(TypedDraft typed) {
        return typed.read(
                moneyOf(typed.kind(), typed.refersTo()), shop.pricing().taxes().usual());
    }

    /** A draft that credits all of a bill, as it would have been typed. */
    public TypedDraft credit(PaperNumber number) {
        Draft all = Papers.credit(paper(number), "");
        return TypedDraft.of(all, moneyOf(all.kind(), all.refersTo()));
    }

    /** What a draft comes to now. */
    public Totals totals(Draft draft) {
        return draft.totals(basis(draft));
    }

    /**
     * Sends a paper out under the next number of its kind. Said twice with the same id, it goes out once.
     *
     * @param seenMinor what it came to when somebody looked at it; what goes out is what was seen
     */
    public AccountsPicture.Held issue(String by, UUID id, Draft draft, long seenMinor) {
        return issue(by, id, draft, seenMinor, clock.instant());
    }

    /** The same at a moment other than now. */
    public synchronized AccountsPicture.Held issue(String by, UUID id, Draft draft, long seenMinor, Instant at) {
        Optional<AccountsPicture.Held> known = picture().paper(id);
        if (known.isPresent()) {
            return known.get();
        }
        Paper paper = draft.paper(
                picture().next(draft.kind()), basis(draft), LocalDate.ofInstant(at, ZoneId.systemDefault()));
        if (paper.totals().dueMinor() != seenMinor) {
            throw new RefusedException(
                    new Refusal(
                            "comesToOther",
                            "It comes to another amount now than when you looked at it.",
                            "Check the lines and the new sum, then send it out."),
                    List.of(),
                    List.of());
        }
        keeper.append(
                AccountsRoom.LOG, by, 0, List.of(new NewLine(id, null, null, new AccountsEntry.Issued(paper))), at);
        return picture().paper(id).orElseThrow();
    }

    private Papers.Basis basis(PaperKind kind, TagNumber job, UUID refersTo) {
        return Papers.basis(picture(), kind, job, refersTo, shop.pricing(), money().currency());
    }

    private Papers.Basis basis(Draft draft) {
        return basis(draft.kind(), draft.job(), draft.refersTo());
    }

    @Override
    public boolean has(LogName log) {
        return log.equals(AccountsRoom.LOG);
    }

    /** Payments come in as every other line; papers do not, because their numbers are given here. */
    @Override
    public long append(LogName log, String by, long basedOn, List<NewLine> lines) {
        if (lines.stream().anyMatch(line -> line.entry() instanceof AccountsEntry.Issued)) {
            throw new FieldProblem(
                    "kind", "A paper gets its number when it is made.", "Make it under Accounts, from a draft.");
        }
        return keeper.append(log, by, basedOn, lines, clock.instant()).lastSequence();
    }

    /** Adds lines at a time other than now. */
    public void append(String by, List<NewLine> lines, Instant at) {
        keeper.append(AccountsRoom.LOG, by, 0, lines, at);
    }

    /** Takes the buyer out of papers that need not be kept any more, and out of payments in advance for their jobs. */
    public void blank(List<UUID> papers) {
        database.transaction().executeWithoutResult(status -> {
            List<TagNumber> jobs = papers.stream()
                    .map(id -> picture().paper(id).orElseThrow().paper().job())
                    .filter(java.util.Objects::nonNull)
                    .toList();
            for (Line line : lines.written(AccountsRoom.LOG)) {
                boolean theirs = papers.contains(line.id())
                        || line.entry() instanceof AccountsEntry.Deposited deposit && jobs.contains(deposit.job());
                if (theirs && line.entry() instanceof AccountsEntry entry) {
                    lines.blank(AccountsRoom.LOG, line, Blanking.ofAccounts(entry));
                }
            }
        });
        readAgain();
    }

    /** Forgets what was read: the file was changed beside it. */
    public void readAgain() {
        keeper.readAgain();
        picture = null;
    }

    @Override
    public Set<Right> toRead() {
        return Set.of(Right.MONEY, Right.CUSTOMERS);
    }

    @Override
    public List<LineView> lines(LogName log) {
        return keeper.lines(log);
    }
}
