package tanah.web.account;

/** The account of the made-up demo data. It is no secret: it is printed at the start and on the sign-in page. */
public final class DemoAccount {
    public static final String NAME = "Fernhollow";
    public static final String PASSWORD = "moss-and-sand";

    private DemoAccount() {}
}
