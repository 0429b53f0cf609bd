/** A kit's box is opened and held against its contents list before the bike is touched: {@link hingeyard.core.receiving.KitCheck} says what is open and what keeps the job waiting. */
package hingeyard.core.receiving;
