/**
 * The shop's thresholds, each with its reason and its source. They are screening figures: the frame maker's and the kit
 * maker's word stands above them.
 */
package hingeyard.core.rules;
