# frozen_string_literal: true

module Actions
  # Takes in artwork for a mark, and gives the mark a first size and place.
  module AddArtwork
    module_function

    # @param form [Forms::ArtworkForm] gets the refusal when the file cannot be opened
    # @return [Artwork, nil]
    def call(mark, form)
      return unless form.ok?
      artwork = form.file? ? from_file(form) : from_lettering(form)
      ApplicationRecord.change do
        artwork.save!
        use(mark, artwork, cap_height_mm: form.values[:cap_height])
      end
      artwork
    rescue UpClose::Error => error
      form.refuse(error, form.file? ? :file : :text)
      nil
    end

    # a file that the shop drew itself
    # @param bytes [String]  @param file_name [String]  @param source [String] in words
    # @return [Artwork]
    # @raise [UpClose::Error] when it cannot be opened
    def drawn(mark, bytes, name:, file_name:, source:)
      original = Shelves::OriginalStore.new(Settings.originals).put(bytes)
      artwork = opened(original, name: name, source: source, file_name: file_name)
      ApplicationRecord.change do
        artwork.save!
        use(mark, artwork)
      end
      artwork
    end

    # white artwork that was refused, done in one of the ways there are for it
    # @param way [UpClose::Artwork::WaysWithWhite::Way]  @param original [String] as the store named it
    # @return [UpClose::Error, nil] the refusal
    def white(mark, way, original:, name:, source:)
      artwork = opened(original, name: name, source: source, white_as_ink: true)
      ApplicationRecord.change do
        artwork.save!
        use(mark, artwork)
        # what speaks against its method is said at Method
        TakeWhiteWay.set(mark, way)
        mark.change
      end
      nil
    rescue UpClose::Error => error
      error
    end

    # @param artwork [Artwork] already in the shop
    def use(mark, artwork, cap_height_mm: nil)
      mark.assign_attributes(artwork: artwork, recipe: [], prepared: nil, cover: nil, artwork_kind: nil)
      mark.forget_design
      place = FirstPlace.call(mark, cap_height_mm)
      ApplicationRecord.change do
        mark.change(
          artwork: artwork, recipe: [], earlier_recipes: [], prepared: nil, checked: nil, earlier_places: [],
          placed_at: nil, packed_at: nil, width_mm: place.width_mm, x_mm: place.x_mm, y_mm: place.y_mm, turn_deg: 0,
          cover: nil, cutting_kept: {}
        )
      end
    end

    # the original is kept first: the worker that opens it finds it there
    def from_file(form)
      store = Shelves::OriginalStore.new(Settings.originals)
      new = !store.has?(form.values[:bytes])
      original = store.put(form.values[:bytes])
      opened(original, name: form.values[:name], source: form.values[:source], file_name: form.values[:file_name])
    rescue UpClose::Error => error
      form.white = original if error.is_a?(UpClose::Errors::NoInk) && error.white
      form.part = original if error.is_a?(UpClose::Errors::PartMissing)
      store.drop(original) if new && !form.white && !form.part
      raise
    end

    # the same original, opened another way: what there is of it, or all that it holds
    # @param how [Hash] as UpClose::Artwork::Opening takes it
    # @return [UpClose::Error, nil] the refusal
    def again(mark, original, how, name:, source:, file_name: nil)
      artwork = opened(original, name: name, source: source, file_name: file_name, **how)
      ApplicationRecord.change do
        artwork.save!
        use(mark, artwork)
      end
      nil
    rescue UpClose::Error => error
      error
    end

    # @param original [String] as the store named it  @param how [Hash] as UpClose::Artwork::Opening takes it
    # @return [Artwork] not yet saved
    # @raise [UpClose::Error]
    def opened(original, name:, source:, file_name: nil, **how)
      facts = Workers.call(Artwork.origin_of(original, **how), :facts)
      Artwork.new(name: name, kind: facts[:kind], original: original, source: source, ink_core: facts[:ink],
        facts: {notes: facts[:notes], mm_per_unit: facts[:mm_per_unit], file_name: file_name, **how}.compact)
    end

    def from_lettering(form)
      face = Shelves::FontShelf.fetch(form.values[:font])
      members, setting = form.values.values_at(:members, :setting)
      lettering =
        UpClose::Artwork::Lettering.new(face, members ? members.max_by(&:length) : form.values[:text], setting: setting)
      ink = members ? UpClose::Artwork::LetteringSet.new(face, members, setting: setting).ink : lettering.drawing.ink
      Artwork.new(
        name: (members ? "#{members.first} … #{members.last}" : lettering.text.tr("\n", " "))[0, 120],
        kind: "lettering",
        lettering: lettering.text,
        font: face.key,
        source: form.values[:source],
        setting: setting.to_h,
        members: members,
        ink_core: ink,
        facts: {x_height_ratio: lettering.x_height_ratio}
      )
    end
  end
end
