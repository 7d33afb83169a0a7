package tanah.core.school;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.AirPlan;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.VesselPlan;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.design.edit.EditContext;
import tanah.core.equipment.LampProposal;
import tanah.core.equipment.MistProposal;
import tanah.core.mapping.Fittings;
import tanah.core.vessel.Vessel;

/** Choices of heat, light and air: what the ways amount to and what taking one does to a plan. */
final class ClimateSchools {
    static final String UV = "uvb_night_active";
    static final String HEAT = "heat_from";
    static final String MISTING = "misting";
    static final String LID = "lid";

    private static final String SHADE_TUBE = "uvb-t5-low-24";
    private static final double HALF_LID = 0.3; // share of a lid that is mesh in part
    private static final double OPEN = 0.8; // from this share on a lid counts as mesh

    private ClimateSchools() {}

    /** Whether keepers disagree about UV for an animal of the plan: it hides by day, or UV is optional for it. */
    static boolean hasUvChoice(Design design, Catalogue catalogue) {
        return species(design, catalogue).stream()
                .anyMatch(s -> s.uvSchool().equals("optional") || s.uvSchool().equals("none"));
    }

    static boolean hasBox(Design design) {
        return design.vessel().isPresent() && !design.animals().isEmpty();
    }

    private static List<Species> species(Design design, Catalogue catalogue) {
        return design.animals().stream()
                .flatMap(a -> catalogue.findSpecies(a.species()).stream())
                .toList();
    }

    /** The way that a plan amounts to. */
    static String of(Design design, String choice, Catalogue catalogue) {
        return switch (choice) {
            case UV -> design.devices().stream().anyMatch(d -> isUv(d, catalogue)) ? "provide_low" : "none";
            case HEAT ->
                design.devices().stream().anyMatch(d -> Fittings.isMat(d, catalogue))
                                && design.devices().stream().noneMatch(d -> isLamp(d, catalogue))
                        ? "side"
                        : "above";
            case MISTING -> {
                AirPlan.Mist mist = design.air().flatMap(AirPlan::mist).orElse(AirPlan.Mist.NONE);
                yield mist.nozzles().isEmpty()
                        ? "none"
                        : mist.nozzles().stream().allMatch(n -> isHand(n, catalogue)) ? "by_hand" : "automatic";
            }
            default -> {
                double mesh = mesh(design, catalogue);
                yield mesh >= OPEN ? "mesh" : mesh > 0 ? "part" : "glass";
            }
        };
    }

    private static double mesh(Design design, Catalogue catalogue) {
        return design.vessel()
                .flatMap(VesselPlan::lid)
                .map(VesselPlan.Lid::meshFraction)
                .orElse(OptionalDouble.empty())
                .orElseGet(() -> design.vessel()
                        .flatMap(VesselPlan::catalogue)
                        .flatMap(catalogue::findVessel)
                        .map(m -> m.lidMesh())
                        .orElse(0.0));
    }

    private static boolean isUv(Device d, Catalogue catalogue) {
        return catalogue.findLamp(d.item()).filter(LampModel::isUv).isPresent();
    }

    /** A lamp or panel that is bought for warmth alone. */
    private static boolean isLamp(Device d, Catalogue catalogue) {
        return catalogue
                .findLamp(d.item())
                .filter(l -> l.isHeater() && !l.isUv())
                .isPresent();
    }

    private static boolean isHand(AirPlan.Nozzle n, Catalogue catalogue) {
        return n.item()
                .flatMap(catalogue::findMistGear)
                .filter(g -> g.is("hand"))
                .isPresent();
    }

    /** The plan that follows a way. */
    static Design apply(Design design, String choice, String option, Catalogue catalogue) {
        return switch (choice) {
            case UV -> uv(design, option, catalogue);
            case HEAT -> heat(design, option, catalogue);
            case MISTING -> misting(design, option, catalogue);
            default -> lid(design, option);
        };
    }

    private static Design uv(Design design, String option, Catalogue catalogue) {
        Design without = design.withDevices(design.devices().stream()
                .filter(d -> option.equals("provide_low") || !isUv(d, catalogue))
                .toList());
        boolean has = without.devices().stream().anyMatch(d -> isUv(d, catalogue));
        return option.equals("provide_low") && !has ? with(without, SHADE_TUBE, catalogue) : without;
    }

    private static Design with(Design design, String item, Catalogue catalogue) {
        Vessel vessel = Boxes.resolve(design.vessel().orElseThrow(), catalogue);
        return LampProposal.with(design, item, vessel, catalogue).orElse(design);
    }

    private static Design heat(Design design, String option, Catalogue catalogue) {
        boolean mat = option.equals("side");
        Design without = design.withDevices(design.devices().stream()
                .filter(d -> mat ? !isLamp(d, catalogue) : !Fittings.isMat(d, catalogue))
                .toList());
        boolean has =
                without.devices().stream().anyMatch(d -> mat ? Fittings.isMat(d, catalogue) : isLamp(d, catalogue));
        if (has) {
            return without;
        }
        Optional<Species> animal = species(design, catalogue).stream().findFirst();
        Optional<Range> basking = animal.flatMap(Species::baskingSurface);
        String item = mat ? "heat-mat-14w" : basking.isPresent() ? "halogen-flood-75" : "ceramic-60";
        Design made = with(without, item, catalogue);
        String id = made.devices().get(made.devices().size() - 1).id();
        double set = basking.or(() -> animal.map(Species::warmAir))
                .map(r -> (r.min() + r.max()) / 2)
                .orElse(25.0);
        String control =
                mat ? "thermostat-pulse-100" : basking.isPresent() ? "thermostat-dim-300" : "thermostat-pulse-600";
        return new DeviceEdit.Control(id, control, set).apply(made, new EditContext(catalogue, LocalDate.EPOCH));
    }

    private static Design misting(Design design, String option, Catalogue catalogue) {
        if (option.equals("none")) {
            return design.withAir(design.air().map(a -> a.withMist(Optional.empty())));
        }
        Vessel vessel = Boxes.resolve(design.vessel().orElseThrow(), catalogue);
        return MistProposal.with(design, option.equals("by_hand"), vessel, catalogue)
                .orElse(design);
    }

    private static Design lid(Design design, String option) {
        VesselPlan plan = design.vessel().orElseThrow();
        VesselPlan.Lid lid = plan.lid().orElse(VesselPlan.Lid.UNSAID);
        double share = option.equals("mesh") ? 1 : option.equals("part") ? HALF_LID : 0;
        return design.withVessel(plan.withLid(lid.withMeshFraction(OptionalDouble.of(share))));
    }
}
