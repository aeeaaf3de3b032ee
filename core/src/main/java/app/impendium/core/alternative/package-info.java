/** Options made from another one where what they say must be found: by asking the front door. */
package app.impendium.core.alternative;
