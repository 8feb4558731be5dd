# frozen_string_literal: true

# Whether a bundle is whole: one job, every row once, every link within, every original there.
class BundleCheck
  # names of originals
  HASH = /\b\h{64}\b/

  # @param words [String] what is wrong  @return [UpClose::Errors::BadArtwork]
  def self.damaged(words)
    UpClose::Errors::BadArtwork.new(
      words, remedy: "Make the bundle again in the shop that it comes from.", field: :bundle
    )
  end

  # @param data [Hash] of bundle.json  @return [Array<String>] originals that it names
  def self.originals_named(data) = JSON.generate(data).scan(HASH).uniq

  # @param data [Hash] of bundle.json  @param originals [Hash{String => String}] by hash
  # @param store [Shelves::OriginalStore] where others may be already
  def initialize(data, originals, store)
    @data, @originals, @store = data, originals, store
  end

  # @raise [UpClose::Errors::BadArtwork]
  def call
    refuse("This bundle holds no job, or more than one.") unless @data["jobs"].one?
    BundleTables.all.each { |name, table| check_rows(name, table) }
    check_fonts
    check_originals
  end

  private

  def refuse(words) = raise(BundleCheck.damaged(words))

  def check_rows(name, table)
    refuse("Two of its #{name.tr("_", " ")} have one number.") if ids(name).size < @data[name].size
    table.links.each do |column, of|
      lost = @data[name].any? { |row| row[column] && !ids(of).include?(row[column]) }
      refuse("Some of its #{name.tr("_", " ")} belong to nothing in it.") if lost
    end
  end

  def ids(name) = (@ids ||= {})[name] ||= @data[name].map { |row| row["id"] }.to_set

  # the key names a file: it is the one its original gives, whatever the bundle says
  def check_fonts
    odd = @data["fonts"].any? { |font| font["key"] != Shelves::OwnFonts.key_of(font["original"]) }
    refuse("A font in this bundle is not what it says.") if odd
  end

  def check_originals
    lacking = BundleCheck.originals_named(@data).count { |hash| !@originals.key?(hash) && !@store.named?(hash) }
    return if lacking.zero?
    refuse("#{(lacking == 1) ? "An original is" : "#{lacking} originals are"} missing from this bundle.")
  end
end
