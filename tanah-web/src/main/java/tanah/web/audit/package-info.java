/** The record of the door, of accounts and of roles: written once, never changed. */
@org.jspecify.annotations.NullMarked
package tanah.web.audit;
