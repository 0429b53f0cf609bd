/** What sits on the bars, from each end inwards, drawn to scale. */
package hingeyard.core.bars;
