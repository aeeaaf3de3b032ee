/** A case as a workbook whose figures are formulas: change what is put in, and everything follows as it does here. */
package app.impendium.server.workbook;
