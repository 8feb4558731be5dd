# frozen_string_literal: true

module Forms
  # Just print: a file or a word, how wide, by which method. A file that was read stays, whatever else is wrong.
  class PrintForm < ArtworkForm
    # the name under which the file is kept, so that it need not be chosen again
    # @return [String, nil]
    attr_reader :kept

    # what is typed is a word, unless a file is there
    def file? = upload? || kept_before? || typed(:text).to_s.strip.empty?

    # only the file came, dropped on another page: what is not typed yet is no mistake
    def dropped = errors.select! { |name, _| name == :file }

    private

    def read
      @typed = {"font" => Shelves::FontShelf.names.keys.first, "side" => "straight"}.merge(@typed)
      super
      length(:width, range_mm: 1.0..1500.0)
      read_method
      keep if errors.any? && values[:bytes]
    end

    def upload? = !SentFile.of(typed("file")).nil?

    def kept_before? = Shelves::OriginalStore::NAME.match?(typed(:kept).to_s)

    def read_file
      return super if upload?
      return errors[:file] = "Choose a file, or type a word." unless kept_before? && store.named?(typed(:kept))
      @kept = typed(:kept)
      values[:bytes] = store.get(@kept)
      values[:file_name] = typed(:kept_name).to_s.strip[0, MOST_NAME]
      values[:name] = File.basename(values[:file_name], ".*").strip[0, 120].then { |n| n.empty? ? "Artwork" : n }
    end

    def keep = @kept ||= store.put(values[:bytes])

    def store = Shelves::OriginalStore.new(Settings.originals)

    def read_method
      method = MethodForm.new(@typed.slice("method_key", "printer").merge("reading" => "auto"))
      values.merge!(method.values)
      method.errors.each { |name, sentence| errors[name] ||= sentence }
    end
  end
end
