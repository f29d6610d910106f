"""What is said of the prism alone."""

WORDS = {
    "en": {
        "form.prism": "Prism pouch",
        "form.prism.summary": "A tube with three flat sides and a triangle at each end, the zip along one side.",
        "easier.prism": "the same zip, in a pouch without corners",
        "input.prism.side": "side",
        "input.prism.side.help": "Each side of the triangles at the ends.",
        "input.prism.length": "length",
        "input.prism.length.help": "From one triangle to the other.",
        "piece.prism-body": "body",
        "piece.prism-end": "triangle",
        "edge.round-low": "end of the body",
        "edge.round-high": "other end of the body",
        "edge.beside-right": "beside the zip, right",
        "edge.beside-left": "beside the zip, left",
        "edge.under": "across the zip",
        "seam.prism-end": "seam round a triangle",
        "sum.prism-three": "three sides",
        "sum.name.prism-body.cut_width": "cut width of the body",
        "step.prism-ends": "Sew in the {layer} triangles",
        "step.prism-ends.text": "Pin each triangle to an end of the {layer}, corner on corner, the zip open, and sew round at {allowance}. Pivot at the corners, needle down.",
        "step.prism-ends.check": "Three corners at each end; nothing is caught.",
    }
}
