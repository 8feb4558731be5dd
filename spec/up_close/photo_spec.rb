# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe UpClose::Measure::PhotoScale do
  # A pinhole camera over a plate tilted about its middle: place on the plate, mm → pixels.
  def camera(tilt_deg, far: 400.0, focal: 3200.0, turn_deg: 20.0)
    tilt, turn = [tilt_deg, turn_deg].map { |d| d * Math::PI / 180 }
    lambda do |x, y|
      u, v = x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)
      depth = far + v * Math.sin(tilt)
      point(1500 + focal * u / depth, 1000 + focal * v * Math.cos(tilt) / depth)
    end
  end

  # a plate of 120 × 80, its middle the origin
  def corners(see) = [[-60, -40], [60, -40], [60, 40], [-60, 40]].map { |x, y| see[x, y] }

  it "reads a length by a reference, with one pixel at each end of both" do
    scale = described_class.from_reference([point(0, 0), point(400, 0)], 100)
    reading = scale.length(point(0, 0), point(0, 200))
    # 200 × 100 ÷ 400 = 50; 50 × 2 ÷ 400 + 2 × 0.25 = 0.75
    expect(reading).to have_attributes(
      mm: be_within(1e-9).of(50),
      off_mm: be_within(1e-9).of(0.75),
      working: have_attributes(to_s: /200 px × 100 mm ÷ 400 px = 50 mm/)
    )
  end

  it "takes a tilt of 35° out, exactly without noise" do
    see = camera(35)
    scale = described_class.from_corners(corners(see), 120, 80)
    expect(scale.length(see[-30, 10], see[40, -25]).mm).to be_within(1e-6).of(Math.hypot(70, 35))
    expect(scale.photo(scale.place(point(700, 900))).distance(point(700, 900))).to be < 1e-6
  end

  it "stays within 0.5 % with half a pixel of noise at every place, and says what it may be off by" do
    see = camera(35)
    shaken = Random.new(7)
    shake = ->(p) { p + point(shaken.rand(-0.5..0.5), shaken.rand(-0.5..0.5)) }
    40.times do
      scale = described_class.from_corners(corners(see).map(&shake), 120, 80)
      reading = scale.length(shake[see[-45, -20]], shake[see[45, 25]])
      expect(reading.mm).to be_within(0.005 * Math.hypot(90, 45)).of(Math.hypot(90, 45))
      expect((reading.mm - Math.hypot(90, 45)).abs).to be < reading.off_mm
    end
  end

  it "straightens the picture itself: a tilted square comes out square" do
    see = camera(30)
    outline =
      ->(half) {
        [[-half, -half], [half, -half], [half, half], [-half, half]]
          .map { |x, y| see[x, y].then { |p| "#{p.x},#{p.y}" } }
          .join(" ")
      }
    photo = Vips::Image.svgload_buffer(
      [
        %(<svg xmlns="http://www.w3.org/2000/svg" width="3000" height="2000"><rect width="3000" height="2000" ),
        %(fill="#fff"/><polygon points="#{outline[20]}"/></svg>)
      ].join
    )
      .flatten(background: [255, 255, 255])
    scale = described_class.from_corners(corners(see), 120, 80)
    straight = UpClose::Artwork::StraightenedPhoto.call(photo, scale, box(0, 0, 120, 80), most_px: 1200)
    found = UpClose::Artwork::InkOfPixels.call(straight)
    # 40 mm of 120, in the middle, ten pixels a millimetre
    expect(found.box.to_a).to match [400, 200, 400, 400].map { |v| be_within(3).of(v) }
  end

  it "refuses corners crossed, in line or on each other, and a reference of no length" do
    square = [[0, 0], [100, 0], [100, 100], [0, 100]].map { |x, y| point(x, y) }
    expect { described_class.from_corners(square.values_at(0, 2, 1, 3), 10, 10) }
      .to refuse_saying(/crossed/, at: :corners)
    expect { described_class.from_corners([point(0, 0), point(50, 0), point(100, 0), point(0, 100)], 10, 10) }
      .to refuse_saying(/in one line/, at: :corners)
    expect { described_class.from_corners(square.values_at(0, 0, 2, 3), 10, 10) }
      .to refuse_saying(/on each other/, at: :corners)
    expect { described_class.from_corners([point(0, 0), point(100, 0), point(30, 30), point(0, 100)], 10, 10) }
      .to refuse_saying(/points inwards/, at: :corners)
    expect { described_class.from_reference([point(0, 0), point(1, 1)], 100) }
      .to refuse_saying(/too short/, at: :reference)
    expect { described_class.from_reference([point(0, 0), point(100, 1)], 0) }
      .to refuse_saying(/needs a length/, at: :length)
  end
end

RSpec.describe UpClose::Measure::ModelScale do
  it "goes both ways, and reads as people write" do
    expect(["1:48", "1/48", " 48 "].map { |text| described_class.read(text).model(300) })
      .to all(be_within(1e-12).of(6.25))
    expect(described_class.read("1:22,5").real(10)).to eq 225
    expect { described_class.read("big") }.to refuse_saying(/is not a scale we can read/, at: :ratio)
  end
end
