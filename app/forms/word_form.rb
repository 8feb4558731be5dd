# frozen_string_literal: true

module Forms
  # Letters laid over a word in a photo: what they read, in which font, and how they lie.
  class WordForm < Base
    POSE = {
      x_mm: -2000.0..2000.0, y_mm: -2000.0..2000.0, cap_mm: 0.2..500.0, stretch: 0.4..2.5, turn_deg: -180.0..180.0,
      slant_deg: -40.0..40.0, spacing: -0.4..2.0, bend: -0.2..0.2
    }.freeze

    HANDLES = %w[left right top].freeze

    # @param usual [UpClose::Artwork::WordPose, nil] for what is not said
    def initialize(typed, usual: nil)
      @usual = usual
      super(typed)
    end

    def bent? = typed(:bent) == "1"

    # as it was sent, then drawn by the handle that is held
    # @return [UpClose::Artwork::WordPose]
    def pose
      sent = UpClose::Artwork::WordPose.from_h(values.slice(*POSE.keys))
      return sent unless values[:held] && outline
      drawn = sent.drawn(values[:held], UpClose::Geometry::Point[*values[:to]], outline.width(sent.spacing))
      UpClose::Artwork::WordPose.from_h(POSE.to_h { |name, range| [name, drawn.public_send(name).clamp(range)] })
    end

    # @return [UpClose::Artwork::WordOutline, nil]
    def outline
      return unless values[:font] && values[:text]
      UpClose::Artwork::WordOutline.new(Shelves::FontShelf.fetch(values[:font]), values[:text])
    end

    private

    def read
      words(:text, required: "Type what it reads.", most: 60)
      choice(:font, Shelves::FontShelf.names.keys)
      check_letters if errors.empty?
      POSE.each do |name, range|
        number = Float(typed(name).to_s.tr(",−", ".-"), exception: false)
        next values[name] = number.clamp(range.begin, range.end) if number&.finite?
        values[name] = @usual.public_send(name) if @usual
      end
      read_handle
    end

    # a handle on its way
    def read_handle
      to = [typed(:to_x), typed(:to_y)].map { |text| Float(text.to_s, exception: false) }
      return unless HANDLES.include?(typed(:held)) && to.all? { |mm| mm&.finite? }
      values[:held], values[:to] = typed(:held), to
    end

    def check_letters
      attempt(:text) { UpClose::Artwork::Lettering.new(Shelves::FontShelf.fetch(values[:font]), values[:text]).text }
    end
  end
end
