"""What can hurt, and where it is said. The cream's label and its safety data sheet come before anything here."""

from vitrograph.core.language import tr

CAUTIONS = (
    tr("Follow the cream's label and safety data sheet first, and your local rules; they outrank this plan."),
    tr("Gloves and goggles on, fresh air, children and pets away. The cream burns skin and eyes."),
    tr("Never on cracked glass, nor where food, drink or lips will touch."),
)
CONTACT = (tr("On skin or in an eye: rinse at once with running water, go on for long, and get medical help as the "
              "safety data sheet says."))
DRIPS = tr("Cup the tape's edge to catch drips; keep the cream off skin and off steel sinks: a glazed one bears it.")
STILL_ON = tr("Keep gloves and goggles on until the last of the cream is gone.")
NO_METAL = tr("Nothing metal on the glass.")
COLOUR = (tr("For display only: keep colour 20 mm below the rim, off every surface that food, drink or lips touch, "
             "and off the inside of anything that is drunk from."))
SOLVENT = tr("Read the label of the wax or the coating: fresh air, no flame, gloves.")
