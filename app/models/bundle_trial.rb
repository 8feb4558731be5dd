# frozen_string_literal: true

# A job that was just brought in, asked what its pages will ask: what they would stumble over is told now.
class BundleTrial
  # what values that are not what they should be raise
  ODD = [NoMethodError, KeyError, TypeError, ArgumentError, UpClose::Error].freeze

  # @param job [Job]  @param ids [Hash{String => Hash{Integer => Integer}}] by table, those of the bundle and ours
  # @param now [Time]
  def initialize(job, ids, now)
    @job, @ids, @now = job, ids, now
  end

  # @raise [UpClose::Errors::BadArtwork]
  def call
    @job.pieces.reload.each { |piece| [piece.to_core, piece.material_core, piece.finish_core, piece.colour_core] }
    Mark.where(id: ours("marks")).each { |mark| [mark.placement, mark.method_key && mark.setting] }
    Run.where(id: ours("runs")).each { |run| run.clockwork.state(@now) }
    Layout.where(id: ours("layouts")).each { |layout| [layout.allowances, layout.sheets] }
    Attempt.where(id: ours("attempts")).each(&:attributes)
  rescue UpClose::Errors::Unknown => error
    raise UpClose::Errors::BadArtwork.new("This bundle holds what this Up Close does not know. #{error.message}",
      remedy: "Update this one, then bring it again.", field: :bundle)
  rescue *ODD
    raise BundleCheck.damaged("Something in this bundle is not what it should be.")
  end

  private

  def ours(table) = @ids[table].values
end
