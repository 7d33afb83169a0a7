package tanah.core.proposal;

import java.util.Optional;
import java.util.function.BiFunction;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.Medium;
import tanah.core.cleanup.RefugeProposal;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.WaterFeature;
import tanah.core.design.edit.Proposals;
import tanah.core.equipment.LampProposal;
import tanah.core.equipment.MistProposal;
import tanah.core.evaluate.Evaluation;
import tanah.core.evaluate.Evaluator;
import tanah.core.ground.WaterVolumes;
import tanah.core.planting.PlantProposal;
import tanah.core.structure.PieceProposal;
import tanah.core.vessel.Vessel;
import tanah.core.water.BodyProposal;
import tanah.core.water.PumpProposal;
import tanah.core.water.WaterProposal;

/**
 * Where new things go, by what the plan comes to.
 *
 * @param catalogue facts
 */
public record PlanProposals(Catalogue catalogue) implements Proposals {
    private Evaluation evaluated(Design design) {
        return Evaluator.evaluate(design, catalogue);
    }

    @Override
    public Optional<Design> lamp(Design design, String item) {
        return design.vessel().flatMap(v -> LampProposal.with(design, item, Boxes.resolve(v, catalogue), catalogue));
    }

    @Override
    public Device.Spot nozzle(Design design, Device.Spot wanted) {
        return design.vessel()
                .flatMap(v -> MistProposal.away(design, Boxes.resolve(v, catalogue), wanted, catalogue))
                .orElse(wanted);
    }

    @Override
    public Optional<Design> waterDevice(Design design, String item) {
        Optional<Gear> gear = catalogue.findGear(item).filter(Gear::isWaterDevice);
        return gear.flatMap(g -> inWater(design, (vessel, water) -> PumpProposal.withDevice(design, g, vessel, water)));
    }

    @Override
    public Optional<Design> feature(Design design, WaterFeature.Kind kind) {
        return inWater(design, (vessel, water) -> PumpProposal.withFeature(design, kind, vessel, water, catalogue));
    }

    private Optional<Design> inWater(Design design, BiFunction<Vessel, WaterVolumes, Design> change) {
        Evaluation e = evaluated(design);
        return e.water().flatMap(w -> e.vessel().map(v -> change.apply(v, w.water())));
    }

    @Override
    public Optional<Design> piece(Design design, NewPiece piece) {
        Optional<Medium> medium = catalogue.findMedium(piece.media()).filter(PieceProposal::isPiece);
        Evaluation e = evaluated(design);
        return e.vessel()
                .flatMap(v -> medium.map(m -> {
                    PieceProposal.Size usual = PieceProposal.usual(m);
                    PieceProposal.Size size = new PieceProposal.Size(
                            piece.length().orElse(usual.length()),
                            piece.width().orElse(usual.width()),
                            piece.height().orElse(usual.height()));
                    return PieceProposal.add(
                            design, v, e.ground().orElseThrow(), m, piece.name(), size, piece.volume(), piece.mass());
                }));
    }

    @Override
    public Optional<Design> plant(Design design, String kind) {
        Evaluation e = Evaluator.evaluate(design, catalogue, Evaluator.Depth.STEADY);
        return catalogue
                .findPlant(kind)
                .flatMap(k -> e.vessel().map(v -> PlantProposal.with(design, k, v, e.planted())));
    }

    @Override
    public Optional<Design> refuge(Design design, boolean damp) {
        Evaluation e = Evaluator.evaluate(design, catalogue, Evaluator.Depth.STEADY);
        boolean coolLeft = e.forecast().filter(RefugeProposal::isCoolLeft).isPresent();
        return e.vessel()
                .flatMap(v ->
                        RefugeProposal.with(design, v, e.ground().orElseThrow(), coolLeft, damp, RefugeProposal.USUAL));
    }

    @Override
    public Optional<Design> water(Design design) {
        Evaluation e = evaluated(design);
        return e.vessel()
                .map(v -> WaterProposal.propose(
                        design,
                        v,
                        e.ground().orElseThrow(),
                        e.animals().stream().findFirst()));
    }

    @Override
    public Optional<Design> pool(Design design) {
        return evaluated(design).vessel().flatMap(v -> BodyProposal.secondWater(design, v));
    }

    @Override
    public Optional<Design> islet(Design design) {
        return evaluated(design).ground().flatMap(g -> BodyProposal.islet(design, g));
    }

    @Override
    public Optional<Design> ramp(Design design) {
        Evaluation e = evaluated(design);
        return e.ground()
                .filter(g -> design.water().isPresent())
                .map(g -> WaterProposal.withRamp(design, g, e.animals().stream().findFirst()));
    }
}
