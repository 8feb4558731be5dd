# frozen_string_literal: true

# A word in a piece's photo, and letters laid over it: in millimetres of the photo's plane, straightened where four
# corners of something known were marked, else by one length alone.
class PhotoWord
  # a camera held 10° aslant makes a length 1.5 % too short: what one length alone cannot tell
  TILT_SHARE = 0.015
  # round the letters, what is looked at, of their height
  ROUND = 0.8

  # @param piece [Piece]
  def initialize(piece)
    @piece = piece
  end

  # @return [Boolean] whether lengths in its photo are known
  def known? = straight? || !by_length.nil?

  # whether the tilt is taken out
  def straight? = plane.known?

  # what the page shows, mm
  # @return [UpClose::Geometry::Box]
  def box
    return @box ||= plane.whole(photo["width"], photo["height"]) if straight?
    UpClose::Geometry::Box.new(x: 0, y: 0, width: photo["width"] * by_length, height: photo["height"] * by_length)
  end

  # where that picture is fetched
  def href
    version = @piece.updated_at.to_i
    return "/pieces/#{@piece.id}/plane.png?v=#{version}" if straight?
    "/pieces/#{@piece.id}/photo.jpg?v=#{photo["original"][0, 12]}"
  end

  # letters as they begin: across the middle of what is shown
  # @param outline [UpClose::Artwork::WordOutline]
  # @return [UpClose::Artwork::WordPose]
  def beginning(outline)
    cap = box.width * 0.5 / outline.width
    UpClose::Artwork::WordPose.from_h(x_mm: box.centre.x, y_mm: box.centre.y + cap / 2, cap_mm: cap)
  end

  # laid over the word by themselves
  # @param font [String]  @param text [String]  @param pose [UpClose::Artwork::WordPose]  @param bent [Boolean]
  # @return [UpClose::Artwork::WordFit::Found]
  # @raise [UpClose::Errors::BadArtwork]
  def fit(font, text, pose, bent: false)
    bytes = Shelves::OriginalStore.new(Settings.originals).get(photo["original"])
    Workers.call(Shelves::WordInPhoto.new(bytes, scale, around(font, text, pose)), :fit, font, text, pose, bent)
  end

  # from the plane to the piece, where the photo lies under it
  # @return [UpClose::Geometry::Point, nil]
  def origin = laid? ? UpClose::Geometry::Point[*photo["laid"]["origin"]] : nil

  # a plane, or millimetres a pixel
  # @return [UpClose::Measure::PhotoScale::Straightened, Float]
  def scale = straight? ? plane.scale : by_length

  # what a width in it may be off by besides, as a share
  def unsure = straight? ? 0.0 : TILT_SHARE

  private

  def photo = @piece.photo || {}

  def laid? = photo["laid"] && PhotoPlane.new(photo["laid"]).known?

  def plane = @plane ||= PhotoPlane.new(photo["laid"] || @piece.photo)

  # @return [Float, nil] mm a pixel
  def by_length
    return unless photo["length_mm"]
    UpClose::Measure::PhotoScale.from_reference(
      photo["reference"].map { |place| UpClose::Geometry::Point[*place] }, photo["length_mm"]
    ).mm_per_px
  rescue UpClose::Error
    nil
  end

  def around(font, text, pose)
    outline = UpClose::Artwork::WordOutline.new(Shelves::FontShelf.fetch(font), text)
    points = outline.points(pose)
    (points.empty? ? box : UpClose::Geometry::Box.around(points)).grown(pose.cap_mm * ROUND).overlap(box) || box
  end
end
