/** Live screens: a change is written with its event in one transaction; every instance feeds its screens from the table. */
package hingeyard.app.live;
