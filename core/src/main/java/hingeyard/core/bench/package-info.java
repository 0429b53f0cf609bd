/** The calculators technicians reach for; each can be used alone. One entry each: {@link hingeyard.core.bench.RangeBench}. */
package hingeyard.core.bench;
