# frozen_string_literal: true

# Files of every class that makers bring, drawn here: each with what it is, told by its name.
module Brought
  HEAD = 'xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"'
  BOX = '<rect x="20" y="20" width="50" height="30"'
  DISC = %(<svg #{HEAD} width="10" height="10"><circle cx="5" cy="5" r="5"/></svg>)
  DOCTYPE =
    [
      %(<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd" [\n<!ENTITY ),
      %(ns_svg "http://www.w3.org/2000/svg">\n<!ENTITY orange "#ff8800">\n]>)
    ].join

  # a drawing of 200 × 100 px
  def self.drawing(body, size: 'width="200" height="100"') = %(<svg #{HEAD} #{size}>#{body}</svg>)

  # what each is read as: :drawing stays lines, :picture does not
  DRAWINGS = {
    "shapes far beyond the view box" => [:drawing, drawing(
      '<rect x="10" y="10" width="20" height="20"/><rect x="500" y="500" width="400" height="400"/>',
      size: 'width="200" height="100" viewBox="0 0 100 50"'
    )],
    "a shape across the view box's edge" => [
      :picture,
      drawing('<circle cx="50" cy="25" r="40"/>', size: 'width="200" height="100" viewBox="0 0 100 50"')
    ],
    "room beside the view box, seen as well" => [
      :drawing,
      drawing('<circle cx="50" cy="25" r="40"/>', size: 'width="200" height="200" viewBox="0 0 100 50"')
    ],
    "a view box that fills its room" => [:picture, drawing(
      '<circle cx="50" cy="25" r="40"/>',
      size: 'width="200" height="200" viewBox="0 0 100 50" preserveAspectRatio="xMidYMid slice"'
    )],
    "a stretched view box" => [:drawing, drawing(
      '<rect x="10" y="10" width="30" height="20"/>',
      size: 'width="200" height="200" viewBox="0 0 100 50" preserveAspectRatio="none"'
    )],
    "a drawing within, fitted in the middle" => [
      :drawing,
      drawing('<svg x="20" y="10" width="80" height="50" viewBox="0 0 10 10"><circle cx="5" cy="5" r="5"/></svg>')
    ],
    "a drawing within, cut at its room" => [
      :picture,
      drawing('<svg x="20" y="10" width="50" height="50"><circle cx="50" cy="25" r="25"/></svg>')
    ],
    "a drawing within, that may stand out" => [
      :drawing,
      drawing('<svg x="20" y="10" width="50" height="50" overflow="visible"><circle cx="50" cy="25" r="25"/></svg>')
    ],
    "a symbol used at a size" => [
      :drawing,
      drawing(
        '<symbol id="s" viewBox="0 0 10 10"><rect width="10" height="10"/></symbol><use href="#s" x="20" y="20" ' \
        'width="40" height="60"/>'
      )
    ],
    "a symbol used at no size" => [
      :drawing,
      drawing(
        '<symbol id="s" viewBox="0 0 10 10"><rect x="1" y="1" width="8" height="8"/></symbol><use xlink:href="#s"/>'
      )
    ],
    "a drawing used at a size" => [
      :drawing,
      drawing(
        '<defs><svg id="s" viewBox="0 0 10 10" width="5" height="5"><rect width="10" height="10"/></svg></defs><use ' \
        'href="#s" x="20" y="20" width="40" height="40"/>'
      )
    ],
    "an outline of no width" => [:drawing, drawing("#{BOX} stroke=\"red\" stroke-width=\"0\"/>")],
    "an important rule" => [
      :drawing,
      drawing("<style>rect{fill:#0000ff !important}</style>#{BOX} style=\"fill:#ff0000\"/>")
    ],
    "an important style over an important rule" => [
      :drawing,
      drawing("<style>rect{fill:#0000ff !important}</style>#{BOX} style=\"fill:#ff0000 ! important\"/>")
    ],
    "a style's transform" => [
      :drawing,
      drawing("<style>rect{transform:translate(30px,10px) rotate(30deg)}</style>#{BOX}/>")
    ],
    "the outline painted first" => [
      :drawing,
      drawing("#{BOX} fill=\"#00ff00\" stroke=\"#ff0000\" stroke-width=\"20\" paint-order=\"stroke\"/>")
    ],
    "two of one name" => [
      :drawing,
      drawing('<defs><rect id="a" width="50" height="20"/><circle id="a" r="30"/></defs><use href="#a" x="20" y="30"/>')
    ],
    "names of its own in its document type" => [
      :drawing,
      %(<?xml version="1.0"?>#{DOCTYPE}<svg xmlns="&ns_svg;" width="200" height="100">#{BOX} fill="&orange;"/></svg>)
    ],
    "measures in a style" => [
      :drawing,
      drawing("<style>circle{cx:60px;cy:40px;r:25px} " \
        "rect{x:100px;y:10px;width:40px;height:30px;rx:5px}</style><circle/><rect/>")
    ],
    "lengths as shares" => [
      :drawing,
      drawing('<rect x="10%" y="10%" width="50%" height="50%"/>', size: 'viewBox="0 0 200 100"')
    ],
    "a gradient on a small part of a large page" => [
      :picture,
      drawing(
        '<linearGradient id="g"><stop offset="0"/><stop offset="1" stop-color="red"/></linearGradient><rect x="300" ' \
        'y="300" width="60" height="30" fill="url(#g)"/>',
        size: 'width="400" height="400"'
      )
    ],
    "see-through groups" => [
      :picture,
      drawing("<g opacity=\".5\">#{BOX}/><rect x=\"40\" y=\"30\" width=\"50\" height=\"30\" fill=\"red\"/></g>")
    ],
    "a drawing embedded as data" => [
      :picture,
      drawing(%(<image x="20" y="10" width="60" height="60" href="data:image/svg+xml;base64,#{[DISC].pack("m0")}"/>))
    ],
    "a turned drawing within" => [
      :drawing,
      drawing(
        '<g transform="rotate(20)"><svg x="50" y="5" width="40" height="40"><rect x="10" y="10" width="20" ' \
        'height="20"/></svg></g>'
      )
    ]
  }.freeze

  INKS = "/ColorSpace << /S [/Separation /Red /DeviceRGB << /FunctionType 2 /Domain [0 1] /C0 [1 1 1] /C1 [0.8 0.1 " \
    "0.1] /N 1 >>] /L [/Lab << /WhitePoint [0.9505 1 1.089] /Range [-100 100 -100 100] >>] >>"
  INDEXED = [
    "/Type /XObject /Subtype /Image /Width 2 /Height 2 /BitsPerComponent 8 /ColorSpace [/Indexed /DeviceRGB 1 " \
    "<000000ff8800>]",
    "\x00\x01\x01\x00".b
  ]
    .freeze
  GROUP = [
    "/Type /XObject /Subtype /Form /BBox [0 0 100 100] /Group << /S /Transparency >> ",
    "0 0 1 rg 10 10 40 40 re f 1 0 0 rg 30 20 40 40 re f"
  ].freeze
  # operators, and how raw_pdf is told the rest
  PAGES = {
    "four inks" => [
      :drawing,
      "0.9 0.1 0.2 0.1 k 20 20 60 40 re f 0 1 0 0 k 90 20 40 40 re f 0 0 1 0 k 135 20 30 40 re f",
      {}
    ],
    "a spot ink in full" => [:picture, "/S cs 1 scn 20 20 60 40 re f", {resources: INKS}],
    "a spot ink at half" => [:picture, "/S cs 0.5 sc 20 20 60 40 re f", {resources: INKS}],
    "Lab" => [:picture, "/L cs 50 60 20 sc 20 20 60 40 re f", {resources: INKS}],
    "an indexed picture" => [
      :picture,
      "q 60 0 0 40 20 20 cm /I Do Q",
      {resources: "/XObject << /I 5 0 R >>", more: [INDEXED]}
    ],
    "a see-through group" => [
      :picture,
      "/G gs /F Do",
      {resources: "/ExtGState << /G << /ca 0.5 >> >> /XObject << /F 5 0 R >>", more: [GROUP]}
    ],
    "blending" => [
      :picture,
      "1 0 0 rg 20 20 60 40 re f /G gs 0 1 0 rg 50 30 60 40 re f",
      {resources: "/ExtGState << /G << /BM /Multiply >> >>"}
    ],
    "shapes beyond the crop" => [
      :drawing,
      "20 20 30 30 re f 150 60 40 30 re f",
      {page: "/MediaBox [0 0 200 100] /CropBox [10 10 100 90]"}
    ],
    "a shape across the crop" => [
      :picture,
      "20 20 150 30 re f",
      {page: "/MediaBox [0 0 200 100] /CropBox [10 10 100 90]"}
    ],
    "a hidden layer" => [:picture, "/OC /A BDC 0 0 1 rg 20 20 60 40 re f EMC 1 0 0 rg 100 20 60 40 re f",
      {
        resources: "/Properties << /A 5 0 R >>",
        more: [["/Type /OCG /Name (a)", ""]],
        catalog: "/OCProperties << /OCGs [5 0 R] /D << /OFF [5 0 R] >> >>"
      }],
    "a turned page" => [:drawing, "20 20 60 40 re f 120 60 20 20 re f", {page: "/MediaBox [0 0 200 100] /Rotate 90"}],
    "a turned page in a spot ink" => [
      :picture,
      "/S cs 1 scn 20 20 60 40 re f 120 60 20 20 re f",
      {page: "/MediaBox [0 0 200 100] /Rotate 90", resources: INKS}
    ],
    "a box told backwards" => [:drawing, "20 20 60 40 re f", {page: "/MediaBox [200 100 0 0]"}]
  }.freeze
end
