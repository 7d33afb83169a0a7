package tanah.web.transfer;

/** Told of each file of an archive before it is read; ends the reading by throwing {@link ImportStopped}. */
interface Progress {
    Progress NONE = (done, total) -> {};

    /**
     * @param done  files that were read
     * @param total of the archive
     */
    void file(int done, int total);
}
