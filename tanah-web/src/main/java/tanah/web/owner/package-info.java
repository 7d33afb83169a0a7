/** What whoever runs the site decides: who may register, and how much one keeper may store. */
@org.jspecify.annotations.NullMarked
package tanah.web.owner;
