# frozen_string_literal: true

module Actions
  # Looks at a mark's artwork at its final size, and keeps the worst of it for the row.
  module LookAtArtwork
    # of equal gravity, this one is told
    TOLD_FIRST = %i[thinnest_line thinnest_gap look resolution].freeze

    module_function

    # @return [Array<UpClose::Finding>]
    def call(mark)
      findings = mark.design.findings
      keep(mark, summary_of(mark, findings))
      findings
    rescue UpClose::Errors::TooMuch => error
      unseen(mark, error, error.remedy)
    rescue UpClose::Errors::Stopped => error
      unseen(mark, error, "Load the Artwork page again to have it looked at.")
    end

    def keep(mark, summary)
      mark.keep_looked(summary)
    end

    # what is more than can be looked at is said, and stands in nobody's way
    def unseen(mark, error, remedy)
      keep(mark, {
        "key" => mark.design.checks_key,
        "verdict" => "watch",
        "figure" => "not looked at",
        "unseen" => error.message,
        "width_mm" => mark.width_mm,
        "stops" => []
      })
      [UpClose::Finding.watch(
        :unseen, "Checks",
        figure: "not finished", reason: error.message, remedy: remedy
      )]
    end

    # looked at as it is now, unless it was
    # @return [Mark] itself
    def once(mark)
      call(mark) if mark.artwork && mark.width_mm && mark.looked.nil?
      mark
    end

    # what other stages need of it: the worst for the row, every stop with what to do, and what methods are judged by
    def summary_of(mark, findings)
      told = worst(findings)
      figures = mark.design.figures
      {
        "key" => mark.design.checks_key,
        "verdict" => told.verdict.to_s,
        "figure" => words(told),
        "width_mm" => mark.width_mm,
        "stops" => findings.select(&:stop?).map { |f|
          {"key" => f.key.to_s, "title" => f.title, "figure" => f.figure, "reason" => f.reason, "remedy" => f.remedy}
        },
        "finest_mm" => findings.find { |f| f.key == :thinnest_line }&.value,
        "gap_mm" => findings.find { |f| f.key == :thinnest_gap }&.value,
        "solid_mm" => findings.find { |f| f.key == :largest_solid }&.value,
        "mostly_over_mm" => figures[:mostly_over_mm],
        "tones" => tones?(findings),
        "coverage" => figures[:laid],
        "line_mm" => figures[:line_mm],
        "palette" => figures[:palette]
      }
    end

    # greys enough to matter: over a twentieth of the picture
    def tones?(findings) = findings.find { |f| f.key == :tones }.then { |f| f&.value.is_a?(Numeric) && f.value > TONED }

    TONED = 5.0

    # all marks not looked at as they are now; one that cannot be is left for its own page to say
    def the_rest
      Mark.live.where.not(artwork_id: nil).find_each do |mark|
        once(mark)
      rescue => error
        warn "#{mark.title}: #{error.message}"
      end
    rescue ActiveRecord::ActiveRecordError => error
      warn "What was not looked at waits for its page: #{error.message.lines.first}"
    ensure
      ActiveRecord::Base.connection_handler.clear_active_connections!
    end

    def worst(findings)
      gravest = UpClose::Finding.worst(findings)
      among = findings.select { |f| f.verdict == gravest }
      TOLD_FIRST.filter_map { |key| among.find { |f| f.key == key } }.first || among.first || findings.first
    end

    def words(finding)
      case finding.key
      when :thinnest_line then "line #{finding.figure.delete_suffix(" mm")}"
      when :thinnest_gap then "gap #{finding.figure.delete_suffix(" mm")}"
      when :resolution then "#{finding.figure} dpi"
      when :look then finding.figure
      else finding.title.downcase
      end
    end
  end
end
