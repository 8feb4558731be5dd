# frozen_string_literal: true

# Marks laid in every way, their sheets downloaded, and what is found on those.
module DownloadedSheets
  def mark_for(way, picked, paper, layout)
    piece = Job.create!(title: "Fair").pieces.create!(
      name: "plate",
      shape: "rectangle",
      measures: {width_mm: 900, height_mm: 700},
      material: "wood",
      finish: "sanded",
      colour: "#ecd9b0",
      count: ProofTable::COPIES,
      seen_through: picked["through"] == true
    )
    method = UpClose::Methods.fetch(way)
    piece.marks.create!(
      artwork: artwork,
      method_key: way,
      printer: method.printers.first,
      stock: method.stocks.find { |s| s.printers.include?(method.printers.first) }.key,
      picked: picked.except("through"),
      width_mm: (layout == "tiles") ? ProofTable::TILED : ProofTable::WIDE,
      placed_at: Time.now,
      paper: paper,
      sealer: "none",
      earlier_places: []
    )
  end

  def artwork
    Artwork.first || Actions::AddArtwork
      .opened(Shelves::OriginalStore.new(Settings.originals).put(ProofTable::DRAWING), name: "flag", source: "ours")
      .tap(&:save!)
  end

  def lay(mark, **more)
    send_form "/marks/#{mark.id}/sheet",
      {"copies" => ProofTable::COPIES.to_s, "paper" => mark.paper, "turning" => "quarter"}
        .merge(more.transform_keys(&:to_s))
    expect(last_response.status).to eq(303), page_words[0, 900]
  end

  # every page that is downloaded, as pictures
  def downloaded(mark, file, sheets)
    return FoundMarks.pages(pack(mark), "pdf") if file == "pdf"
    (1..sheets).flat_map do |n|
      FoundMarks.pages(get("/marks/#{mark.id}/sheets/#{n}.#{file}#{"?dpi=300" if file == "png"}").body, file)
    end
  end

  # asked once in an example
  def pack(mark) = (@packs ||= {})[mark.id] ||= get("/marks/#{mark.id}/pack.pdf").body

  def sized(image) = [image.width, image.height].map { |px| px / FoundMarks::PER_MM }

  # numbers as the PDF has them, which SVG and PNG are drawn from too: each over its own copy
  def numbered(mark, marks_by_page, border)
    pdf = pack(mark)
    marks_by_page.each_with_index.flat_map do |marks, page|
      FoundMarks.words(pdf, page + 1).select { |word, _, _| word.match?(/\A\d{1,2}\z/) }.filter_map do |word, x, y|
        over = marks.select do |m|
          x.between?(m.x - border, m.right + border) && (m.y - border - y).between?(0, ProofTable::GAP)
        end
        word.to_i if over.size == 1
      end
    end
  end

  # @return [Array<Array<FoundMarks::Mark>>] by page, after holding each to what was asked
  def found(pages, reading, width: ProofTable::WIDE, height: ProofTable::HIGH)
    finder = FoundMarks.new(ProofTable::DRAWING, width: width, height: height, mirrored: reading == :mirrored)
    pages.map { |page| finder.on(page) }.tap do |by_page|
      marks = by_page.flatten
      expect(marks.size).to eq ProofTable::COPIES
      expect(marks.map(&:off)).to all(be < 0.03)
      by_page.each { |on_page| on_page.combination(2) { |a, b| expect(a.overlaps?(b)).to be false } }
    end
  end

  def inside(mark, left, top, right, bottom, border)
    expect(
      [mark.x - border - left, mark.y - border - top, right - mark.right - border, bottom - mark.bottom - border].min
    )
      .to be > -0.12
  end

  def words_clear(mark, by_page)
    pdf = pack(mark)
    by_page.each_with_index do |marks, page|
      words = FoundMarks.words(pdf, page + 1)
      marks.each do |m|
        expect(words.select { |word, x, y|
          word !~ /\A\d+\z/ && x.between?(m.x - 1, m.right + 1) && y.between?(m.y - 1, m.bottom + 1)
        })
          .to be_empty
      end
    end
  end

  def used_sheet(mark, wide, high, rings = [])
    StockSheet.create!(
      stock: mark.stock,
      printer: mark.printer,
      name: "left over 1",
      width_mm: wide,
      height_mm: high,
      used: rings.map { |ring| {"ring" => ring, "words" => "cut"} }
    )
  end

  def grid(whole, wide, high)
    [
      whole[0],
      whole[1]
    ].zip([wide - 2 * ProofTable::FRAME, high - 2 * ProofTable::FRAME - ProofTable::HEADING]).map do |size, room|
      (size <= room) ? 1 : ((size - ProofTable::OVERLAP) / (room - ProofTable::OVERLAP)).ceil
    end
  end

  # 4 pixels a millimetre
  def picture_of_whole(whole, border, mirrored)
    ink = FoundMarks.grey(Vips::Image.svgload_buffer(ProofTable::DRAWING, scale: ProofTable::TILED * 4 / 60.0))
    (mirrored ? ink.fliphor : ink)
      .embed((border * 4).round, (border * 4).round, (whole[0] * 4).round, (whole[1] * 4).round, extend: :white)
  end

  def difference(page, wanted, x, y, parts)
    px = FoundMarks::PER_MM
    seen = page.crop(
      ((ProofTable::FRAME + 1) * px).round,
      ((ProofTable::FRAME + ProofTable::HEADING + 1) * px).round,
      ((parts[0] - 2) * px).floor,
      ((parts[1] - 2) * px).floor
    )
    small = seen.thumbnail_image(((parts[0] - 2) * 4).floor, height: ((parts[1] - 2) * 4).floor, size: :force)
    (small.cast(:uchar) - wanted.crop(((x + 1) * 4).round, ((y + 1) * 4).round, small.width, small.height))
      .abs
      .avg / 255
  end
end
