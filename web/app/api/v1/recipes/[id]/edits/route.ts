// Saves from a part's bench.
import { saveBench } from '../../../benchSave'

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return saveBench(request, { part: (await params).id })
}
