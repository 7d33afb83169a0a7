package tanah.core.finding;

/** A change of the plan that a remedy makes. The only implementations are those of {@code tanah.core.design.edit}. */
public interface PlanChange {}
