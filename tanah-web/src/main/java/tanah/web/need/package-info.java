/** Needs of a species as bars, for whoever shows an animal. */
@org.jspecify.annotations.NullMarked
package tanah.web.need;
