package tanah.core.bioactive;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.catalogue.CrewModel;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Ids;

/** A plan on its way to be bioactive, with what was changed in it. */
record FloorDraft(Design design, List<FloorChange> changes) {
    private static final double LATER = 3; // weeks, when the mould has passed; common practice

    FloorDraft {
        changes = List.copyOf(changes);
    }

    FloorDraft with(Design next, FloorChange change) {
        List<FloorChange> all = new ArrayList<>(changes);
        all.add(change);
        return new FloorDraft(next, all);
    }

    /** With so many more of a kind that is not set yet. */
    FloorDraft set(CrewModel kind, int count) {
        double week = kind.isMicro() ? 0 : LATER;
        List<CrewChoice.Dose> all = new ArrayList<>(design.crew().doses());
        all.add(new CrewChoice.Dose(
                Ids.free(design, "crew"),
                kind.id(),
                OptionalInt.of(count),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.of(week)));
        return with(design.withCrew(design.crew().withDoses(all)), new FloorChange.Set(kind.id(), count, week));
    }

    FloorDraft leaveOut(CrewChoice.Dose dose) {
        List<CrewChoice.Dose> left = design.crew().doses().stream()
                .filter(d -> !d.id().equals(dose.id()))
                .toList();
        return with(design.withCrew(design.crew().withDoses(left)), new FloorChange.LeaveOut(dose.species()));
    }

    FloorDraft more(CrewChoice.Dose dose, int count) {
        List<CrewChoice.Dose> all = design.crew().doses().stream()
                .map(d -> d.id().equals(dose.id()) ? d.withCount(OptionalInt.of(count)) : d)
                .toList();
        return with(design.withCrew(design.crew().withDoses(all)), new FloorChange.More(dose.species(), count));
    }

    /** Taken out by hand, as a change where the plan had it otherwise. */
    FloorDraft spot(double share) {
        Design next = design.withCrew(design.crew().withSpot(OptionalDouble.of(share)));
        return share > 0 ? with(next, new FloorChange.Spot(share)) : new FloorDraft(next, changes);
    }

    /** With the share that is taken out left to what serves. */
    FloorDraft withoutSpot() {
        Design next = design.withCrew(design.crew().withSpot(OptionalDouble.empty()));
        return new FloorDraft(
                next,
                changes.stream().filter(c -> !(c instanceof FloorChange.Spot)).toList());
    }

    /** How many changes; a kind that takes the place of another is one. */
    int cost() {
        int in = count(FloorChange.Set.class);
        int out = count(FloorChange.LeaveOut.class);
        return changes.size() - Math.min(in, out);
    }

    private int count(Class<? extends FloorChange> kind) {
        return (int) changes.stream().filter(kind::isInstance).count();
    }
}
