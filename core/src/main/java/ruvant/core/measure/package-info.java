/** From marked speeds and firings to errors in stops, their intervals and a verdict. */
package ruvant.core.measure;
