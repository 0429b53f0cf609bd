/**
 * What lies in the drawers, as the core needs it: parts with their dimensions and how many are free, that is on hand less what
 * other jobs have reserved.
 */
package hingeyard.core.stock;
