/** The shop's stands, the hours it is open, the days it is closed, and what its people are skilled in and when they work. */
package hingeyard.app.shop;
